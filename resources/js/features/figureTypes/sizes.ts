export const SIZES = [
    { value: 'small', label: 'small (0.4 of a foot figure)' },
    { value: 'foot', label: 'on foot (1)' },
    { value: 'large-foot', label: 'large, on foot (1.6)' },
    { value: 'mounted', label: 'mounted (2.5)' },
    { value: 'monster', label: 'monster or vehicle (5)' },
    { value: 'centrepiece', label: 'centrepiece (12)' },
] as const;

export const WEIGHTS = [
    { value: 'tiny', label: 'tiny' },
    { value: 'small', label: 'small' },
    { value: 'medium', label: 'medium' },
    { value: 'large', label: 'large' },
] as const;
