import type { TechniqueDoc } from '../document';

/** Techniques for a select, by group in the order of laying. */
export function techniqueOptions(techniques: readonly TechniqueDoc[]) {
    const groups = [...new Set(techniques.map((technique) => technique.group))];
    return groups.map((group) => ({
        label: group,
        options: techniques
            .filter((technique) => technique.group === group)
            .map((technique) => ({ value: technique.id, label: technique.name })),
    }));
}
