import type { Schemas } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { useKept } from '@shared/kept';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { type MishapAsked, mishapKindsOptions, mishapRepairOptions, type MishapKind } from '../queries';
import { useMishaps } from '../useMishaps';
import { MishapGlyph } from './MishapGlyph';
import { RepairShown } from './RepairShown';

interface Props {
    sheet: Schemas['BenchSheet'];
    /** Where it most likely happened: the area in hand; null: none is. */
    area: string | null;
    figures: readonly Schemas['SheetFigure'][];
    onClose: () => void;
}

/** A tenth: most mishaps are smaller than their area, and larger than themselves by the time they are mended. */
const USUAL_SHARE = 0.1;

/** What went wrong, on which figure and where; what is laid again follows, unless it came off while it was fresh. */
export function MishapForm({ sheet, area, figures, onClose }: Props) {
    const kinds = useQuery(mishapKindsOptions());
    const mishaps = useMishaps(sheet);
    const [figure, setFigure] = useState(figures[0]?.id ?? null);
    const [kind, setKind] = useState<MishapKind | null>(null);
    const areas = [...new Set(sheet.steps.filter((step) => step.surface !== 'whole').map((step) => step.area))];
    const [where, setWhere] = useState(area ?? areas[0] ?? '');
    const [layer, setLayer] = useState<string | null>(null);
    const [share, setShare] = useState(USUAL_SHARE);
    const [note, setNote] = useKept(`mishap ${sheet.key}`);
    const told = kind === null || figure === null ? null : { figure, asked: { area: where, kind, layer, share } };
    const tell = (lifted: boolean) =>
        told !== null &&
        mishaps.tell.mutate(
            { ...told, note, lifted },
            {
                onSuccess: () => {
                    setNote('');
                    onClose();
                },
            },
        );
    return (
        <section className="mishap-form" aria-label="What went wrong">
            <div className="mishap-kinds" role="group" aria-label="What went wrong">
                {(kinds.data ?? []).map((one) => (
                    <button
                        key={one.kind}
                        type="button"
                        aria-pressed={one.kind === kind}
                        title={one.looks}
                        onClick={() => {
                            setKind(one.kind);
                            setLayer(null);
                        }}
                    >
                        <MishapGlyph kind={one.kind} /> {one.name}
                    </button>
                ))}
            </div>
            <div className="mishap-where">
                <label>
                    On figure
                    <Select
                        value={figure}
                        options={figures.map((one) => ({ value: one.id, label: String(one.number) }))}
                        onChange={setFigure}
                    />
                </label>
                <label>
                    where
                    <Select
                        value={where}
                        options={areas.map((one) => ({ value: one, label: one }))}
                        onChange={(next) => {
                            setWhere(next);
                            setLayer(null);
                        }}
                    />
                </label>
                <Input
                    aria-label="In words, if it matters"
                    placeholder="in words, if it matters"
                    value={note}
                    maxLength={500}
                    onChange={(event) => setNote(event.target.value)}
                />
            </div>
            {told !== null && (
                <Again
                    figure={told.figure}
                    asked={told.asked}
                    pending={mishaps.tell.isPending}
                    onLayer={setLayer}
                    onShare={setShare}
                    onTell={tell}
                />
            )}
            <ErrorNote error={mishaps.tell.error} />
            <Button className="big" onClick={onClose}>
                Back
            </Button>
        </section>
    );
}

interface AgainProps {
    figure: number;
    asked: MishapAsked;
    pending: boolean;
    onLayer: (layer: string) => void;
    onShare: (share: number) => void;
    onTell: (lifted: boolean) => void;
}

/** What would be laid again, and what is told then. */
function Again({ figure, asked, pending, onLayer, onShare, onTell }: AgainProps) {
    const repair = useQuery({ ...mishapRepairOptions(figure, asked), placeholderData: keepPreviousData });
    if (repair.error !== null || repair.data === undefined) {
        return <ErrorNote error={repair.error} />;
    }
    return (
        <>
            <RepairShown repair={repair.data} about={asked.area} onLayer={onLayer} onShare={onShare} />
            <div className="current-deeds">
                {repair.data.first !== null && (
                    <Button className="big" disabled={pending} onClick={() => onTell(true)}>
                        It came off
                    </Button>
                )}
                <Button type="primary" className="big" loading={pending} onClick={() => onTell(false)}>
                    Add it to the sheet
                </Button>
            </div>
        </>
    );
}
