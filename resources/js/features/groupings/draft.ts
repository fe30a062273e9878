import type { Grouping } from './queries';

/** A group while it is put together. Its key stays the same whatever it is called. */
export interface GroupDraft {
    key: number;
    name: string;
    figures: readonly number[];
}

export interface GroupingDraft {
    name: string;
    groups: readonly GroupDraft[];
    /** Key of the group that figures are put into. */
    at: number;
}

export function draftOf(grouping: Grouping | null): GroupingDraft {
    const groups = grouping?.groups.map(({ name, figures }, key) => ({ key, name, figures })) ?? [];
    return {
        name: grouping?.name ?? '',
        groups: groups.length === 0 ? [{ key: 0, name: '', figures: [] }] : groups,
        at: 0,
    };
}

export function groupOf(draft: GroupingDraft, figure: number): GroupDraft | null {
    return draft.groups.find((group) => group.figures.includes(figure)) ?? null;
}

/** With one group more, which figures are put into next. */
export function withGroup(draft: GroupingDraft): GroupingDraft {
    const key = Math.max(-1, ...draft.groups.map((group) => group.key)) + 1;
    return { ...draft, groups: [...draft.groups, { key, name: '', figures: [] }], at: key };
}

export function without(draft: GroupingDraft, key: number): GroupingDraft {
    const groups = draft.groups.filter((group) => group.key !== key);
    const at = draft.at === key ? (groups[0]?.key ?? 0) : draft.at;
    return { ...draft, groups, at };
}

export function named(draft: GroupingDraft, key: number, name: string): GroupingDraft {
    return { ...draft, groups: draft.groups.map((group) => (group.key === key ? { ...group, name } : group)) };
}

/** Figures come into the group in hand, out of whichever they were in; those that are all in it already leave it. */
export function put(draft: GroupingDraft, figures: readonly number[]): GroupingDraft {
    const here = draft.groups.find((group) => group.key === draft.at)?.figures ?? [];
    const leave = figures.every((figure) => here.includes(figure));
    return {
        ...draft,
        groups: draft.groups.map((group) => {
            const others = group.figures.filter((figure) => !figures.includes(figure));
            return { ...group, figures: group.key === draft.at && !leave ? [...others, ...figures] : others };
        }),
    };
}
