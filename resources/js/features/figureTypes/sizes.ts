export const SIZES = [
    { value: 'small', label: 'small (0.4 of a foot figure)' },
    { value: 'foot', label: 'on foot (1)' },
    { value: 'large-foot', label: 'large, on foot (1.6)' },
    { value: 'mounted', label: 'mounted (2.5)' },
    { value: 'monster', label: 'monster or vehicle (5)' },
    { value: 'centrepiece', label: 'centrepiece (12)' },
] as const;

/** How the sculpt takes the brush. */
export const DIFFICULTIES = [
    { value: 'crisp', label: 'very crisp (0.9 of the time)' },
    { value: 'usual', label: 'as most are (1)' },
    { value: 'runs-together', label: 'details run together (1.25)' },
] as const;

export const WEIGHTS = [
    { value: 'tiny', label: 'tiny' },
    { value: 'small', label: 'small' },
    { value: 'medium', label: 'medium' },
    { value: 'large', label: 'large' },
] as const;
