interface Props {
    say: string;
    value: string;
    children?: React.ReactNode;
}

/** A number of a page that counts, under its name. */
export function Total({ say, value, children }: Props) {
    return (
        <div>
            <dt>{say}</dt>
            <dd>
                {value} {children}
            </dd>
        </div>
    );
}
