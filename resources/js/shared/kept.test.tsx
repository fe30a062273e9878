import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { forgetAll, useKept } from './kept';

function Note({ name }: { name: string }) {
    const [text, setText] = useKept(name);
    return <input aria-label={name} value={text} onChange={(event) => setText(event.target.value)} />;
}

const typed = (name: string) => screen.getByLabelText<HTMLInputElement>(name).value;

it('keeps what was typed over a reload, each text for itself', async () => {
    const first = render(<Note name="why" />);
    await userEvent.type(screen.getByLabelText('why'), 'two folds are pale');
    first.unmount();
    render(
        <>
            <Note name="why" />
            <Note name="other" />
        </>,
    );
    expect([typed('why'), typed('other')]).toEqual(['two folds are pale', '']);
});

it('keeps nothing that was emptied, or for who signs in next', async () => {
    render(<Note name="why" />);
    await userEvent.type(screen.getByLabelText('why'), 'x');
    await userEvent.clear(screen.getByLabelText('why'));
    expect(sessionStorage).toHaveLength(0);
    await userEvent.type(screen.getByLabelText('why'), 'y');
    sessionStorage.setItem('of somebody else', '1');
    forgetAll();
    expect(Object.keys(sessionStorage)).toEqual(['of somebody else']);
});

it('begins empty where what was kept cannot be read', () => {
    sessionStorage.setItem(`ordotype-kept ${window.location.pathname} why`, '{');
    render(<Note name="why" />);
    expect(typed('why')).toBe('');
});
