import type { Schemas } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { mishapRepairOptions } from '../queries';
import { useMishaps } from '../useMishaps';
import { MishapGlyph } from './MishapGlyph';
import { RepairShown } from './RepairShown';

/** What went wrong and waits to be mended; until then the figure is not handed over. */
export function OpenMishaps({ sheet }: { sheet: Schemas['BenchSheet'] }) {
    if (sheet.mishaps.length === 0) {
        return null;
    }
    return (
        <section className="open-mishaps" aria-labelledby="to-mend">
            <h2 id="to-mend">To mend</h2>
            <ol>
                {sheet.mishaps.map((mishap) => (
                    <li key={mishap.id}>
                        <OpenMishap sheet={sheet} mishap={mishap} />
                    </li>
                ))}
            </ol>
        </section>
    );
}

function OpenMishap({ sheet, mishap }: { sheet: Schemas['BenchSheet']; mishap: Schemas['SheetMishap'] }) {
    const { end } = useMishaps(sheet);
    const { area, kind, layer, share } = mishap;
    const repair = useQuery(mishapRepairOptions(mishap.figure_id, { area, kind, layer, share }));
    const may = sheet.figures.some((figure) => figure.id === mishap.figure_id && figure.may_mark);
    const about = `${mishap.name}, figure ${String(mishap.number)}, ${area}`;
    return (
        <>
            <h3>
                <MishapGlyph kind={kind} /> Figure {mishap.number}, {area}: {mishap.name}
            </h3>
            {mishap.note !== '' && <p>{mishap.note}</p>}
            {repair.data === undefined ? <ErrorNote error={repair.error} /> : <RepairShown repair={repair.data} about={about} />}
            {may && (
                <div className="current-deeds">
                    <Button
                        type="primary"
                        className="big"
                        loading={end.isPending}
                        aria-label={`Mended: ${about}`}
                        onClick={() => end.mutate({ mishap: mishap.id, ended: 'mended' })}
                    >
                        Mended
                    </Button>
                    <Button
                        className="big"
                        disabled={end.isPending}
                        aria-label={`There was none: ${about}`}
                        onClick={() => end.mutate({ mishap: mishap.id, ended: 'taken-back' })}
                    >
                        There was none
                    </Button>
                </div>
            )}
            <ErrorNote error={end.error} />
        </>
    );
}
