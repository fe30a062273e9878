import type { Schemas } from '@api';
import { Choice } from '@shared/Choice';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import type { Filter, Show } from '../filter';
import { schemesOptions } from '../queries';

interface Props {
    sheet: Schemas['Sheet'];
    filter: Filter;
    /** Whether one may choose in whose colours the plates are; who writes has other things in the row. */
    choosesColours?: boolean;
}

/** What of the sheet is shown. */
export function Toolbar({ sheet, filter, choosesColours = false }: Props) {
    const schemes = useQuery({ ...schemesOptions(), enabled: choosesColours });
    const groups = [...new Set(sheet.surfaces.map((surface) => surface.group))].filter((group) => group !== '');
    const names = new Map(sheet.cells.flatMap((cell) => cell.uses.map((use) => [use.techniques[0] ?? '', use.name] as const)));
    return (
        <div className="sheet-tools">
            <Choice<Show>
                label="What is shown"
                value={filter.show}
                options={[
                    { value: 'all', label: 'Everything' },
                    { value: 'adds', label: 'What each tier adds' },
                    { value: 'findings', label: 'Only findings' },
                ]}
                onChange={(show) => filter.set('show', show)}
            />
            {groups.length > 0 && (
                <Select
                    aria-label="Group of surfaces"
                    className="tool-select"
                    allowClear
                    placeholder="All surfaces"
                    value={filter.group}
                    options={groups.map((group) => ({ value: group, label: group }))}
                    onChange={(group: string | null | undefined) => filter.set('group', group ?? null)}
                />
            )}
            <Select
                aria-label="Technique"
                className="tool-select"
                allowClear
                showSearch={{ optionFilterProp: 'label' }}
                placeholder="All techniques"
                value={filter.technique}
                options={[...names].map(([value, label]) => ({ value, label }))}
                onChange={(technique: string | null | undefined) => filter.set('technique', technique ?? null)}
            />
            {choosesColours && schemes.data !== undefined && schemes.data.length > 0 && (
                <Select
                    aria-label="Colours of the plates"
                    className="tool-select"
                    value={filter.colours ?? 0}
                    options={[
                        { value: 0, label: 'Plates in greys' },
                        ...schemes.data.map((scheme) => ({ value: scheme.id, label: `Plates as ${scheme.name}` })),
                    ]}
                    onChange={(scheme: number) => filter.set('colours', scheme === 0 ? null : String(scheme))}
                />
            )}
        </div>
    );
}
