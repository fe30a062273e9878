import { answering } from '@testing/api';
import { draft, vocabulary } from '@testing/madeStandard';
import { render } from '@testing/render';
import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { UseEditor } from './components/UseEditor';

function editor(surface: string, onChange = vi.fn()) {
    const place = {
        surfaces: [{ surface: 'Cloth', under: ['Base coat', 'Wash'], over: ['Layer'] }],
        spared: ['Lens'],
        say: 'Over lay-in and shade, under light; not over Lens.',
    };
    const sent = answering(({ path }) => [200, path.endsWith('/lies-among') ? place : []]);
    render(
        <UseEditor
            version={7}
            document={draft().document}
            tier="muster"
            surface={surface}
            use={{ technique: 'base', stage: 'light' }}
            others={['strokes']}
            features={[]}
            errors={() => undefined}
            onChange={onChange}
        />,
        [[['vocabulary'], vocabulary]],
    );
    return { onChange, sent };
}

describe('a use that is written', () => {
    it('of the figure as one says what it is kept off', async () => {
        const { onChange } = editor('whole');
        fireEvent.mouseDown(screen.getByLabelText('Not over'));
        fireEvent.click(await screen.findByText('Marking'));
        expect(onChange).toHaveBeenCalledWith({ technique: 'base', stage: 'light', except: ['marking'] });
    });

    it('of the figure as one shows where it lies', async () => {
        editor('whole');
        const picture = await screen.findByRole('img', { name: 'Over lay-in and shade, under light; not over Lens.' });
        expect([...picture.querySelectorAll('title')].map((one) => one.textContent)).toEqual([
            'Cloth\nBase coat\nWash\n▬\nLayer',
            'Lens: kept off',
        ]);
        expect(picture.querySelectorAll('.lies-under, .lies-over, .lies-band, .lies-spared')).toHaveLength(5);
    });

    it('of one area has no such place', () => {
        const { sent } = editor('cloth');
        expect(sent.filter((one) => one.path.endsWith('/lies-among'))).toEqual([]);
    });

    it('takes turns with another, and leaves places out', async () => {
        const { onChange } = editor('cloth');
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
