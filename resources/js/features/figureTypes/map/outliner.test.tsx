import { answering } from '@testing/api';
import { render } from '@testing/render';
import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { blankArea } from '../draft';
import type { SideDraft } from './draftMaps';
import { Maps } from './Maps';
import { fromRuns } from './raster';

const areas = [
    { ...blankArea([]), row: 1, name: 'coat', pieces: '2 button', places: ['hem'] },
    { ...blankArea([]), row: 2, name: 'boots' },
];

const front: SideDraft = { side: 'front', width: 40, height: 60, picture: null, rows: [], runs: '0 2400', pieces: [] };

/** Lays a side out as somebody does who has no mouse. */
function laying(start: SideDraft[] = [front]) {
    answering(() => [500, {}]);
    const now: { maps: SideDraft[] } = { maps: start };
    function Hand() {
        const [maps, setMaps] = useState(start);
        const change = (next: SideDraft[]) => {
            now.maps = next;
            setMaps(next);
        };
        return <Maps id={null} maps={maps} areas={areas} mayChange onChange={change} />;
    }
    render(<Hand />);
    const keys = (...names: string[]) => {
        for (const name of names) {
            fireEvent.keyDown(screen.getByRole('application'), { key: name, shiftKey: name.startsWith('Arrow') });
        }
    };
    const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
    /** A square of ten places, its first corner in the middle. */
    const square = () => keys(' ', 'ArrowRight', ' ', 'ArrowDown', ' ', 'ArrowLeft', ' ', 'Enter');
    const places = () => fromRuns(40, 60, now.maps[0]?.runs ?? '').labels.reduce((sum, label) => sum + Number(label > 0), 0);
    return { now, keys, press, square, places };
}

describe('laying out a side', () => {
    it('outlines an area by keys', () => {
        const { now, press, square, places } = laying();
        press('coat');
        square();
        expect([places(), now.maps[0]?.rows]).toEqual([100, [1]]);
        screen.getByRole('button', { name: /coat.*laid out/ });
    });

    it('asks which area before anything is laid out, and for three points', () => {
        const { keys, press, places } = laying();
        keys(' ');
        expect(screen.getByRole('status').textContent).toContain('Choose first which area it is.');
        press('coat');
        keys(' ', 'ArrowRight', ' ', 'Enter');
        expect(screen.getByRole('status').textContent).toContain('at least three points');
        expect(places()).toBe(0);
    });

    it('takes points and deeds back', () => {
        const { keys, press, square, places } = laying();
        press('coat');
        square();
        keys(' ');
        press('Undo');
        expect(places()).toBe(100);
        press('Undo');
        expect(places()).toBe(0);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Undo' }).disabled).toBe(true);
    });

    it('takes away what is outlined', () => {
        const { keys, press, square, places } = laying();
        press('coat');
        square();
        press('take away');
        keys('ArrowUp');
        square();
        expect(places()).toBe(0);
    });

    it('places a piece that the area has, with a name, and takes it off', () => {
        const { now, keys, press } = laying();
        press('coat');
        press('piece or place');
        keys(' ');
        expect(screen.getByRole('status').textContent).toContain('Say first what it is');
        fireEvent.mouseDown(screen.getByRole('combobox', { name: 'What it is that you point at' }));
        fireEvent.click(screen.getByTitle('button (2)'));
        keys('ArrowRight', ' ');
        expect(now.maps[0]?.pieces).toEqual([{ row: 1, feature: 'button', x: 30 / 40, y: 0.5, name: '' }]);
        fireEvent.change(screen.getByRole('textbox', { name: 'Name of this button of coat' }), { target: { value: 'top' } });
        expect(now.maps[0]?.pieces[0]?.name).toBe('top');
        press('Take this button of coat off');
        expect(now.maps[0]?.pieces).toEqual([]);
    });

    it('places what has a name of its own, and asks for no other', () => {
        const { now, keys, press } = laying();
        press('coat');
        press('piece or place');
        fireEvent.mouseDown(screen.getByRole('combobox', { name: 'What it is that you point at' }));
        fireEvent.click(screen.getByTitle('hem'));
        keys(' ');
        expect(now.maps[0]?.pieces).toEqual([{ row: 1, feature: 'hem', x: 0.5, y: 0.5, name: '' }]);
        expect(screen.queryByRole('textbox', { name: /hem of coat/ })).toBeNull();
        press('Take this hem of coat off');
        expect(now.maps[0]?.pieces).toEqual([]);
    });

    it('fills what others enclose, and not the ground round the figure', () => {
        const ring = '0 1210 1 10 0 30 1 1 0 8 1 1 0 30 1 10 0 1100';
        const { now, keys, press } = laying([{ ...front, rows: [2], runs: ring }]);
        press('coat');
        press('fill');
        keys(' ');
        expect(screen.getByRole('status').textContent).toContain('found no clear edge');
        keys('ArrowLeft', 'ArrowDown');
        expect(now.maps[0]?.runs).toBe(ring);
    });

    it('begins without a picture, and takes a side off', () => {
        const { now, press } = laying([]);
        press('Draw without a picture');
        expect(now.maps).toEqual([
            { side: 'front', width: 400, height: 600, picture: null, rows: [], runs: '0 240000', pieces: [] },
        ]);
        press('Take this side off');
        expect(now.maps).toEqual([]);
    });
});
