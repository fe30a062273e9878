import { answering } from '@testing/api';
import { draft, vocabulary } from '@testing/madeStandard';
import { render } from '@testing/render';
import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { UseEditor } from './components/UseEditor';

function editor(surface: string, onChange = vi.fn()) {
    answering(() => [200, []]);
    render(
        <UseEditor
            version={7}
            document={draft().document}
            surface={surface}
            use={{ technique: 'base', stage: 'light' }}
            features={[]}
            errors={() => undefined}
            onChange={onChange}
        />,
        [[['vocabulary'], vocabulary]],
    );
    return onChange;
}

describe('a use that is written', () => {
    it('of the figure as one says what it is kept off', async () => {
        const onChange = editor('whole');
        fireEvent.mouseDown(screen.getByLabelText('Not over'));
        fireEvent.click(await screen.findByText('Marking'));
        expect(onChange).toHaveBeenCalledWith({ technique: 'base', stage: 'light', except: ['marking'] });
    });

    it('of an area is kept off nothing', () => {
        editor('cloth');
        expect(screen.queryByLabelText('Not over')).toBeNull();
        expect(screen.queryByLabelText('Laid over all before what is')).toBeNull();
    });
});
