import { count, minutes } from '@shared/format';
import { Select } from 'antd';
import type { Budget, BudgetGroup } from '../queries';
import { percent } from '../costs';

interface Props {
    budget: Budget;
    say: (cost: number) => string;
    mayChange: boolean;
    /** No tier: as reckoned. */
    onFix: (group: string, tier: string | null) => void;
}

/** Which tier for which figures: as reckoned, or as somebody settles it. */
export function Groups({ budget, say, mayChange, onFix }: Props) {
    return (
        <table className="list budget-groups">
            <thead>
                <tr>
                    <th scope="col">Figures</th>
                    <th scope="col">Now</th>
                    <th scope="col">For this budget</th>
                    <th scope="col" className="number">
                        Takes
                    </th>
                    <th scope="col" className="number">
                        Of all that is seen
                    </th>
                </tr>
            </thead>
            <tbody>
                {budget.groups.map((group) => (
                    <Row key={group.key} group={group} budget={budget} say={say} mayChange={mayChange} onFix={onFix} />
                ))}
            </tbody>
        </table>
    );
}

function Row({ group, budget, say, mayChange, onFix }: Props & { group: BudgetGroup }) {
    const option = (tier: string | null) => group.options.find((one) => one.tier === tier);
    const [now, chosen] = [option(group.now), option(group.chosen)];
    const cost = (one: BudgetGroup['options'][number]) => say(budget.measure === 'minutes' ? one.minutes : (one.money ?? 0));
    return (
        <tr className={chosen !== undefined && chosen.tier !== group.now ? 'budget-other' : undefined}>
            <th scope="row">
                {nameOf(group)}
                <small>
                    {count(group.figures.length, 'figure')}, {group.type}
                    {group.left_out.length > 0 && `; ${group.left_out.join(', ')} says nothing of some area`}
                </small>
            </th>
            <td>{now?.name}</td>
            <td>
                <Select
                    aria-label={`Tier of ${nameOf(group)}`}
                    value={group.fixed ? group.chosen : ''}
                    disabled={!mayChange}
                    options={[
                        { value: '', label: chosen === undefined ? 'none within it' : `${chosen.name}, as reckoned` },
                        ...group.options.map((one) => ({
                            value: one.tier,
                            label: `${one.name} · ${cost(one)} · settled by hand`,
                        })),
                    ]}
                    onChange={(tier) => onFix(group.key, tier === '' ? null : tier)}
                />
            </td>
            <td className="number">
                {chosen !== undefined && (
                    <>
                        {cost(chosen)}
                        {group.figures.length > 1 && <small>{minutes(chosen.minutes / group.figures.length)} each</small>}
                    </>
                )}
            </td>
            <td className="number">{chosen !== undefined && percent(chosen.seen)}</td>
        </tr>
    );
}

function nameOf(group: BudgetGroup): string {
    const units = group.units.map((unit) => unit.name).join(', ');
    if (group.other_type) {
        return `${units}: ${group.type}${group.leaders ? ', leaders' : ''}`;
    }
    if (group.leaders) {
        return `${units}: ${group.figures.length === 1 ? 'leader' : 'leaders'}`;
    }
    return group.own ? `${units}: figures ${group.figures.map((one) => String(one.number)).join(', ')}` : units;
}
