import { api, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { Loaded } from '@shared/Loaded';
import { SidePanel } from '@shared/SidePanel';
import { Swatch } from '@shared/Swatch';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { left } from '../left';
import { substitutesOptions, substitutionOptions } from '../queries';

type Paint = Schemas['Paint'];

/** What could stand in for a paint, and what that would do to every ladder that takes it. */
export function SubstitutePanel({ paint, onClose }: { paint: Paint; onClose: () => void }) {
    const found = useQuery(substitutesOptions(paint.id));
    const [chosen, setChosen] = useState<string | null>(null);
    return (
        <SidePanel title={`In the place of ${paint.name}`} onClose={onClose}>
            <p>
                <Swatch hex={paint.hex} /> {paint.name} <small>{paint.hex}</small>
            </p>
            <Loaded query={found}>
                {(list) =>
                    list.length === 0 ? (
                        <p>
                            No paint that is left behaves as it does. A metal or a paint that lets through never stands in for one
                            that covers.
                        </p>
                    ) : (
                        <ul className="substitutes">
                            {list.map((one) => (
                                <li key={one.paint}>
                                    <Swatch hex={one.hex} />
                                    <span>
                                        <b>{one.paint}</b>
                                        <small>
                                            ΔE00 {one.delta_e}
                                            {one.side.length > 0 && `, ${one.side.join(', ')}`} · {left(one.stock_ml)}
                                            {one.kind === 'metal' && ' · match it by hand'}
                                        </small>
                                    </span>
                                    <Button
                                        size="small"
                                        aria-pressed={chosen === one.paint}
                                        aria-label={`Show what ${one.paint} changes`}
                                        onClick={() => setChosen(one.paint)}
                                    >
                                        Show
                                    </Button>
                                </li>
                            ))}
                        </ul>
                    )
                }
            </Loaded>
            {chosen !== null && <Touched key={chosen} paint={paint} instead={chosen} onTaken={onClose} />}
        </SidePanel>
    );
}

function Touched({ paint, instead, onTaken }: { paint: Paint; instead: string; onTaken: () => void }) {
    const client = useQueryClient();
    const shown = useQuery(substitutionOptions(paint.id, instead));
    const take = useMutation<Schemas['Substitution']>({
        mutationFn: () =>
            unwrap(
                api.POST('/api/paints/{paint}/substitution', {
                    params: { path: { paint: paint.id } },
                    body: { instead, take: true },
                }),
            ),
        onSuccess: () => {
            void client.invalidateQueries({ queryKey: ['schemes'] });
            void client.invalidateQueries({ queryKey: ['bench'] });
            onTaken();
        },
    });
    return (
        <section>
            <h3>{instead} instead</h3>
            <Loaded query={shown}>
                {(substitution) => (
                    <>
                        {substitution.ladders.length === 0 && <p>No ladder takes {paint.name}.</p>}
                        <ul className="touched">
                            {substitution.ladders.map((ladder) => (
                                <li key={`${ladder.scheme_id} ${ladder.area} ${ladder.figure_type}`}>
                                    <b>{ladder.area}</b>
                                    <small>
                                        {' '}
                                        {ladder.scheme}
                                        {ladder.figure_type !== '' && `, ${ladder.figure_type}`}
                                        {ladder.uses > 0 && ` · ${ladder.uses} by use`}
                                    </small>
                                    {ladder.rungs.map((rung, i) => (
                                        <span key={i} className="touched-rung">
                                            <Swatch hex={rung.before_hex} />
                                            <Swatch hex={rung.after_hex} />
                                            <span>
                                                {rung.role}: {rung.after}{' '}
                                                <small>
                                                    ΔE00 {rung.delta_e}, L* {rung.lightness > 0 ? '+' : ''}
                                                    {rung.lightness}
                                                </small>
                                            </span>
                                        </span>
                                    ))}
                                </li>
                            ))}
                        </ul>
                        <ErrorNote error={take.error} />
                        {substitution.ladders.length > 0 && (
                            <Button type="primary" loading={take.isPending} onClick={() => take.mutate()}>
                                Take it in all of them
                            </Button>
                        )}
                    </>
                )}
            </Loaded>
        </section>
    );
}
