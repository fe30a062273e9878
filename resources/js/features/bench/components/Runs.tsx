import type { Schemas } from '@api';
import { dropsInWords } from '@features/paints';
import { count, minutes } from '@shared/format';
import { Swatch } from '@shared/Swatch';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { runsOptions } from '../queries';
import { numbered } from '../rows';
import { useRun } from '../useRun';

/** One paint on everything that has it next, over several sheets. */
export function Runs() {
    const runs = useQuery(runsOptions()).data ?? [];
    return runs.length === 0 ? null : (
        <section className="runs" aria-labelledby="runs">
            <h2 id="runs">
                In one run over several sheets <b className="head-count">{runs.length}</b>
            </h2>
            <ol className="rows">
                {runs.map((run) => (
                    <Run key={`${run.title} ${run.degree} ${run.paint}`} run={run} />
                ))}
            </ol>
        </section>
    );
}

function Run({ run }: { run: Schemas['BenchRun'] }) {
    const [open, setOpen] = useState(false);
    const marking = useRun();
    const figures = run.places.reduce((sum, place) => sum + place.figures.length, 0);
    const units = [...new Set(run.places.map((place) => place.unit))];
    return (
        <li className="run">
            <button type="button" className="rows-plain" aria-expanded={open} onClick={() => setOpen(!open)}>
                <strong>
                    {run.hexes.map((hex) => (
                        <Swatch key={hex} hex={hex} />
                    ))}{' '}
                    {run.paint}
                </strong>
                <span>
                    {run.title}
                    {run.degree !== '' && `, ${run.degree}`}
                </span>
                <span>{units.join(', ')}</span>
                <span className="rows-end">{minutes(run.minutes)}</span>
            </button>
            {open && (
                <div className="run-places">
                    {run.batches.map((batch, at) => (
                        <p key={run.hexes[at] ?? at}>{dropsInWords(batch)} for all of it</p>
                    ))}
                    <ul>
                        {run.places.map((place) => (
                            <li key={`${place.sheet} ${place.area}`}>
                                <Link to={`/jobs/${place.job_id}/bench/${place.sheet}`}>{place.unit}</Link> {place.area},{' '}
                                {numbered(place.figures)}, {minutes(place.minutes)}
                            </li>
                        ))}
                    </ul>
                    <Button type="primary" loading={marking.isPending} onClick={() => marking.mutate(run)}>
                        Done on all {count(figures, 'place')}
                    </Button>
                </div>
            )}
        </li>
    );
}
