import { Input } from 'antd';
import { useSearchParams } from 'react-router';

interface Props {
    /** Names the field. */
    label: string;
    /** What can be looked for. */
    by: string;
}

/** The words that a list is looked through by, as the address names them. */
export function useFind(): string {
    const [search] = useSearchParams();
    return search.get('find') ?? '';
}

/** Looks through a list: what is found begins at its first page. */
export function ListFind({ label, by }: Props) {
    const [, setSearch] = useSearchParams();
    return (
        <Input.Search
            className="list-find"
            aria-label={label}
            placeholder={by}
            allowClear
            defaultValue={useFind()}
            onSearch={(text) => setSearch(text.trim() === '' ? {} : { find: text.trim() })}
        />
    );
}
