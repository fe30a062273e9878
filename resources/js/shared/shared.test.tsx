import { ApiError } from '@api';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { Choice } from './Choice';
import { ErrorNote } from './ErrorNote';
import { ExtentMark } from './ExtentMark';
import { Severity } from './Severity';
import { SidesMark } from './SidesMark';
import { StackGlyph } from './StackGlyph';
import { Swatch } from './Swatch';
import { Why } from './Why';

describe('marks say in words what they show', () => {
    it('names the sides that count and those that do not', () => {
        render(<SidesMark sides={['front', 'left', 'back', 'right', 'above']} />);
        expect(screen.getByRole('img').getAttribute('aria-label')).toBe('counts front, left, back, right, above; not below');
    });

    it('tells severity by word beside the shape', () => {
        render(<Severity of="critical" />);
        expect(screen.getByText('critical')).toBeTruthy();
        expect(screen.getByText('◆').getAttribute('aria-hidden')).toBe('true');
    });

    it('says how far a use reaches', () => {
        render(<ExtentMark extent="upper" />);
        expect(screen.getByRole('img').getAttribute('aria-label')).toBe('upper parts');
    });

    it('marks a swatch as paint, with nothing to read in it', () => {
        const { container } = render(<Swatch hex="#b98a2e" />);
        expect(container.querySelector('[data-paint]')?.getAttribute('aria-hidden')).toBe('true');
    });
});

describe('a stack', () => {
    it('has the first layer at the bottom and draws what is left out as a dotted line', () => {
        const { container } = render(
            <StackGlyph
                layers={[
                    { group: 'lay-in', passes: 2, waived: false, words: 'base' },
                    { group: 'shade', passes: 1, waived: true, words: 'wash' },
                ]}
            />,
        );
        const base = container.querySelector('rect');
        const waived = container.querySelector('path.bar-waived');
        expect(Number(base?.getAttribute('y'))).toBeGreaterThan(Number(/M1 ([\d.]+)/.exec(waived?.getAttribute('d') ?? '')?.[1]));
    });

    it('is longer for more passes and never runs out of its cell', () => {
        const { container } = render(
            <StackGlyph layers={[1, 2, 9].map((passes) => ({ group: 'light', passes, waived: false, words: '' }))} />,
        );
        const widths = [...container.querySelectorAll('rect')].map((bar) => Number(bar.getAttribute('width')));
        expect(widths).toEqual([16, 22, 34]);
    });
});

describe('why', () => {
    it('opens the inputs, the rule and the source', async () => {
        render(
            <Why
                why={{ inputs: [{ name: 'size', value: '2 mm' }], rule: 'Angle is 2·atan.', source: 'published: ISO 8596' }}
                about="the flaw"
            />,
        );
        await userEvent.click(screen.getByRole('button', { name: /^Why ?: the flaw$/ }));
        expect(await screen.findByText('Angle is 2·atan.')).toBeTruthy();
        expect(screen.getByText('2 mm')).toBeTruthy();
        expect(screen.getByText('published: ISO 8596')).toBeTruthy();
    });
});

describe('an error', () => {
    it('lists several things, each once, and their places in a file', () => {
        const problems = [
            { path: '/name', message: 'A name.' },
            { path: '/due', message: 'A date.' },
        ];
        const error = new ApiError(422, 'invalid', 'A name.', '/name', problems);
        const { unmount } = render(<ErrorNote error={error} />);
        expect(screen.getByRole('alert').textContent).toBe('◆ A name. ◆ A date. ');
        unmount();
        render(<ErrorNote error={error} withPlace />);
        expect(screen.getByText('/due')).toBeTruthy();
    });

    it('says nothing when nothing is wrong', () => {
        render(<ErrorNote error={null} />);
        expect(screen.queryByRole('alert')).toBeNull();
    });
});

describe('a choice', () => {
    it('shows which is taken and takes another', async () => {
        const onChange = vi.fn();
        const options = [
            { value: 'all' as const, label: 'Everything' },
            { value: 'adds' as const, label: 'What each tier adds' },
        ];
        render(<Choice label="What is shown" value="all" options={options} onChange={onChange} />);
        expect(screen.getByRole('button', { name: 'Everything' }).getAttribute('aria-pressed')).toBe('true');
        await userEvent.click(screen.getByRole('button', { name: 'What each tier adds' }));
        expect(onChange).toHaveBeenCalledWith('adds');
    });
});
