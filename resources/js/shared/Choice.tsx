interface Option<T extends string> {
    value: T;
    label: string;
}

interface Props<T extends string> {
    label: string;
    options: readonly Option<T>[];
    value: T;
    onChange: (value: T) => void;
}

/** One of a few, side by side. */
export function Choice<T extends string>({ label, options, value, onChange }: Props<T>) {
    return (
        <div className="choice" role="group" aria-label={label}>
            {options.map((option) => (
                <button
                    key={option.value}
                    type="button"
                    aria-pressed={option.value === value}
                    onClick={() => onChange(option.value)}
                >
                    {option.label}
                </button>
            ))}
        </div>
    );
}
