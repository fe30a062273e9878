import type { Schemas } from '@api';
import { numbered } from '../rows';

interface Props {
    sheet: Schemas['BenchSheet'];
    join: Schemas['SheetJoin'];
}

/** Parts that were painted apart come together here. */
export function JoinMark({ sheet, join }: Props) {
    const figures = sheet.figures.filter((figure) => join.figures.includes(figure.id));
    const who = figures.length < sheet.figures.length ? `${numbered(figures)}: ` : '';
    const contacts = join.contacts.map((contact) => `${contact.area} and ${contact.other}`).join(', ');
    return (
        <li className="step-stop">
            <b>
                {who}join {join.part} to {join.to}
            </b>
            . Then look at {contacts === '' ? 'where they touch' : `where they touch: ${contacts}`}; mend glue, peg marks and gaps
            there.
        </li>
    );
}
