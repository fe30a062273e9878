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
            others={['strokes']}
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

    it('takes turns with another, and leaves places out', async () => {
        const onChange = editor('cloth');
        fireEvent.mouseDown(screen.getByLabelText('In turn with'));
        fireEvent.click(await screen.findByTitle('strokes'));
        expect(onChange).toHaveBeenCalledWith({ technique: 'base', stage: 'light', in_turn_with: 'strokes' });
        const places = screen.getByLabelText('Places it leaves out');
        fireEvent.change(places, { target: { value: 'round the eyes' } });
        fireEvent.keyDown(places, { key: 'Enter', keyCode: 13 });
        expect(onChange).toHaveBeenCalledWith({ technique: 'base', stage: 'light', not_places: ['round the eyes'] });
    });

    it('of an area is kept off nothing', () => {
        editor('cloth');
        expect(screen.queryByLabelText('Not over')).toBeNull();
        expect(screen.queryByLabelText('Laid over all before what is')).toBeNull();
    });
});
