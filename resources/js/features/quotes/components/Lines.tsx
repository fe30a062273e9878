import { count, type Currency, money } from '@shared/format';
import type { Content } from '../queries';

interface Props {
    lines: Content['lines'];
    materials: Content['materials'];
    sums: Content['sums'];
    currency: Currency;
}

/** What is painted for which price, and what is to be paid in all. */
export function Lines({ lines, materials, sums, currency }: Props) {
    const say = (amount: number) => money(amount, currency);
    const rows = [
        ...materials,
        ...where(sums.discount !== 0, `Discount, ${String(sums.discount_percent)} % of the work`, -sums.discount),
        ...where(sums.tax !== 0, 'Before tax', sums.net),
        ...where(sums.tax !== 0, `${sums.tax_name === '' ? 'Tax' : sums.tax_name}, ${String(sums.tax_percent)} %`, sums.tax),
        ...where(sums.rounding !== 0, 'Rounded', sums.rounding),
    ];
    return (
        <table className="quote-lines">
            <thead>
                <tr>
                    <th scope="col">What</th>
                    <th scope="col">Tier</th>
                    <th scope="col" className="number">
                        Each
                    </th>
                    <th scope="col" className="number">
                        All
                    </th>
                </tr>
            </thead>
            <tbody>
                {lines.map((line, i) => (
                    <tr key={i}>
                        <th scope="row">
                            {line.unit}
                            <small>
                                {count(line.figures, 'figure')}, {line.type}
                                {agreed(line, say)}
                            </small>
                        </th>
                        <td>{line.tier}</td>
                        <td className="number">{say(line.each)}</td>
                        <td className="number">{say(line.sum)}</td>
                    </tr>
                ))}
                {rows.map(({ words, amount }, i) => (
                    <tr key={i}>
                        <th scope="row" colSpan={3}>
                            {words}
                        </th>
                        <td className="number">{say(amount)}</td>
                    </tr>
                ))}
                <tr className="quote-total">
                    <th scope="row" colSpan={3}>
                        To be paid
                    </th>
                    <td className="number">{say(sums.total)}</td>
                </tr>
            </tbody>
        </table>
    );
}

function where(stands: boolean, words: string, amount: number) {
    return stands ? [{ words, amount }] : [];
}

function agreed(line: Content['lines'][number], say: (amount: number) => string): string {
    return [
        ...line.added.map((one) => `; with ${one.work} on ${one.area}${one.price === null ? '' : ` (+${say(one.price)})`}`),
        ...line.left_out.map((one) => `; without ${one.work} on ${one.area}${one.price === null ? '' : ` (−${say(one.price)})`}`),
    ].join('');
}
