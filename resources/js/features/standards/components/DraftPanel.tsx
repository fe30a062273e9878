import type { Draft } from '../document';
import type { Panel } from '../panel';
import type { useDraft } from '../useDraft';
import { CellEditor } from './CellEditor';
import { ColumnPanel } from './ColumnPanel';
import { HoursPanel } from './HoursPanel';
import type { FindingDeeds } from './FindingNote';
import { ForcePanel } from './ForcePanel';
import { SchoolsPanel } from './SchoolsPanel';
import { SurfaceEditor } from './SurfaceEditor';
import { TechniqueEditor } from './TechniqueEditor';
import { TechniquesPanel } from './TechniquesPanel';
import { TierEditor } from './TierEditor';

interface Props {
    draft: Draft;
    panel: Panel;
    deeds: FindingDeeds;
    work: ReturnType<typeof useDraft>;
    open: (panel: Panel | null) => void;
}

/** The editor of what is open in a draft. */
export function DraftPanel({ draft, panel, deeds, work, open }: Props) {
    const close = () => open(null);
    switch (panel.kind) {
        case 'cell': {
            const next = nextQuestion(draft, panel.tier, panel.surface);
            return (
                <CellEditor
                    key={`${panel.tier} ${panel.surface}`}
                    draft={draft}
                    tier={panel.tier}
                    surface={panel.surface}
                    deeds={deeds}
                    onClose={close}
                    onChange={work.change}
                    onNext={next === null ? null : () => open({ kind: 'cell', tier: panel.tier, surface: next })}
                />
            );
        }
        case 'tier': {
            const first = nextQuestion(draft, panel.id, '');
            return (
                <TierEditor
                    key={panel.id}
                    draft={draft}
                    id={panel.id}
                    onClose={close}
                    onChange={work.change}
                    onNext={first === null ? null : () => open({ kind: 'cell', tier: panel.id, surface: first })}
                    onPaste={() => open({ kind: 'column', id: panel.id })}
                    onHours={() => open({ kind: 'hours', id: panel.id })}
                />
            );
        }
        case 'surface':
            return (
                <SurfaceEditor
                    key={panel.id}
                    draft={draft}
                    id={panel.id}
                    onClose={close}
                    onChange={work.change}
                    onAdd={({ id, changes }) => work.changeAsync(changes).then(() => open({ kind: 'surface', id }))}
                />
            );
        case 'technique':
            return (
                <TechniqueEditor
                    key={panel.id}
                    draft={draft}
                    id={panel.id}
                    onClose={() => open({ kind: 'techniques' })}
                    onChange={work.change}
                />
            );
        case 'techniques':
            return (
                <TechniquesPanel
                    draft={draft}
                    onClose={close}
                    onOpen={(id) => open({ kind: 'technique', id })}
                    onChange={work.changeAsync}
                />
            );
        case 'schools':
            return <SchoolsPanel draft={draft} onClose={close} />;
        case 'hours':
            return <HoursPanel key={panel.id} draft={draft} tier={panel.id} onClose={close} onChange={work.changeAsync} />;
        case 'column':
            return <ColumnPanel key={panel.id} draft={draft} tier={panel.id} onClose={close} onChange={work.changeAsync} />;
        case 'force':
            return <ForcePanel draft={draft} onClose={close} onDone={() => open({ kind: 'versions' })} />;
        default:
            return null;
    }
}

/** The next surface that nobody has decided at this tier, round from the one that is open. */
function nextQuestion(draft: Draft, tier: string, surface: string): string | null {
    const ids = draft.sheet.surfaces.map((one) => one.key);
    const open = new Set(
        draft.sheet.cells.filter((one) => one.tier === tier && one.state === 'undecided').map((one) => one.surface),
    );
    const from = ids.indexOf(surface) + 1;
    return [...ids.slice(from), ...ids.slice(0, from)].find((id) => id !== surface && open.has(id)) ?? null;
}
