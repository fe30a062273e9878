import type { Schemas } from '@api';
import { Loaded } from '@shared/Loaded';
import { minutes } from '@shared/format';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Current } from './components/Current';
import { HandOver } from './components/HandOver';
import { OpenMishaps } from './components/OpenMishaps';
import { SheetTimes } from './components/SheetTimes';
import { StepRow } from './components/StepRow';
import { markable, openOnAny } from './marking';
import { sheetOptions } from './queries';
import { type Row, rowsOf } from './rows';

export function BenchSheetPage() {
    const { job = '', sheet: key = '' } = useParams();
    const sheet = useQuery(sheetOptions(Number(job), key));
    return <Loaded query={sheet}>{(data) => <Sheet sheet={data} />}</Loaded>;
}

function Sheet({ sheet }: { sheet: Schemas['BenchSheet'] }) {
    const mine = markable(sheet);
    const [chosen, setChosen] = useState<string | null>(null);
    const [isSure, setSure] = useState(false);
    const rows = rowsOf(sheet);
    const keyOf = ({ places: [first] }: Row) => `${first.area} ${first.use}`;
    const firstOpen = rows.find((row) => openOnAny(row.places, mine).length > 0);
    const current = rows.find((row) => keyOf(row) === chosen) ?? firstOpen;
    const top = useRef<HTMLDivElement>(null);
    const choose = (row: Row) => {
        setChosen(keyOf(row));
        top.current?.scrollIntoView({ block: 'start' });
    };
    const numbers = sheet.figures.map((figure) => figure.number);
    return (
        <div className="bench-sheet" ref={top}>
            <PageHead
                title={sheet.unit.name}
                sub={`${sheet.tier} · ${numbers.length === 1 ? `figure ${String(numbers[0])}` : `${numbers.length} figures`} · ${sheet.type.name} · ${minutes(sheet.minutes)} each`}
            >
                <Button onClick={() => window.print()}>Print</Button>
            </PageHead>
            <p className="sheet-facts">
                <Link to={`/jobs/${sheet.job.id}`}>{sheet.job.name}</Link> · standard {sheet.standard}
                {sheet.unit.note !== '' && ` · ${sheet.unit.note}`}
            </p>
            {sheet.steps.length > 0 && <SheetTimes sheet={sheet} />}
            {sheet.undecided.length > 0 && (
                <p className="questions">
                    <b>?</b> Nobody has said what is done on {sheet.undecided.join(', ')}. Ask the lead; the rest of the sheet
                    stands.
                </p>
            )}
            {current !== undefined && mine.length > 0 && (
                <Current
                    key={keyOf(current)}
                    sheet={sheet}
                    row={current}
                    isSure={isSure}
                    onSure={() => setSure(true)}
                    onMoved={() => setChosen(null)}
                />
            )}
            <OpenMishaps sheet={sheet} />
            <HandOver sheet={sheet} />
            <section aria-labelledby="all-steps">
                <h2 id="all-steps">All {sheet.length} steps</h2>
                <ol className="steps">
                    {rows.map((row) => (
                        <StepRow
                            key={keyOf(row)}
                            sheet={sheet}
                            row={row}
                            isCurrent={row === current}
                            cautionAt={
                                sheet.steps.find((one) => one.caution === row.places[0].caution && one.number < row.number)
                                    ?.number ?? null
                            }
                            onChoose={() => choose(row)}
                        />
                    ))}
                </ol>
            </section>
            <p className="caution-always">{sheet.caution}</p>
        </div>
    );
}
