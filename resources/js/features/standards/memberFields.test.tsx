import type { Schemas } from '@api';
import { render } from '@testing/render';
import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { MemberFields } from './components/MemberFields';

function field(change: Partial<Schemas['MemberField']>): Schemas['MemberField'] {
    return {
        name: 'note',
        label: 'Note',
        section: 'words',
        kind: 'text',
        unit: '',
        step: 1,
        rows: 0,
        hint: '',
        needed: false,
        otherwise: null,
        words: [],
        ...change,
    };
}

function shown(fields: Schemas['MemberField'][], value: object) {
    const changed = vi.fn();
    render(
        <MemberFields
            fields={fields}
            section="words"
            value={value}
            errors={(name) => (name === 'dry' ? 'This is -1; it must be at least 0.' : undefined)}
            onChange={changed}
        />,
    );
    return changed;
}

describe('fields as they are declared', () => {
    it('leave out what only says what holds anyway', () => {
        const flag = field({ name: 'needs_lay_in', label: 'Needs a lay-in', kind: 'switch', otherwise: true });
        const changed = shown([flag, field({})], { note: 'folds' });
        const box = screen.getByRole('checkbox', { name: 'Needs a lay-in' });
        expect((box as HTMLInputElement).checked).toBe(true);
        fireEvent.click(box);
        expect(changed).toHaveBeenLastCalledWith('needs_lay_in', false);
        fireEvent.change(screen.getByLabelText('Note'), { target: { value: '' } });
        expect(changed).toHaveBeenLastCalledWith('note', undefined);
    });

    it('write again what holds anyway only where the member may not be left out', () => {
        const flag = { label: 'Retired', kind: 'switch' as const, otherwise: false };
        const optional = shown([field({ ...flag, name: 'retired' })], { retired: true });
        fireEvent.click(screen.getByRole('checkbox', { name: 'Retired' }));
        expect(optional).toHaveBeenLastCalledWith('retired', undefined);
    });

    it('keep an empty text that is needed, for the studio to say what is wrong', () => {
        const changed = shown([field({ name: 'name', label: 'Name', needed: true })], { name: 'Cloth' });
        fireEvent.change(screen.getByLabelText('Name'), { target: { value: '' } });
        expect(changed).toHaveBeenLastCalledWith('name', '');
    });

    it('keep the last number of a member that is needed while its field is empty', () => {
        const number = { kind: 'number' as const, needed: true };
        const changed = shown([field({ ...number, name: 'rank', label: 'Rank' })], { rank: 3 });
        fireEvent.change(screen.getByLabelText('Rank'), { target: { value: '' } });
        expect(changed).not.toHaveBeenCalled();
        fireEvent.change(screen.getByLabelText('Rank'), { target: { value: '4' } });
        expect(changed).toHaveBeenLastCalledWith('rank', 4);
    });

    it('say what is wrong at their place, and what holds where nothing is written', () => {
        shown([field({ name: 'dry', label: 'Dry after', kind: 'number', unit: 'min', otherwise: 0 })], {});
        expect(screen.getByRole('alert').textContent).toContain('must be at least 0');
        expect(screen.getByLabelText('Dry after').getAttribute('placeholder')).toBe('0');
    });

    it('come only in their own section', () => {
        shown([field({ name: 'other', label: 'Other', section: 'elsewhere' }), field({})], {});
        expect(screen.queryByLabelText('Other')).toBeNull();
        expect(screen.getByLabelText('Note')).toBeTruthy();
    });
});
