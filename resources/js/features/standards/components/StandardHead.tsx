import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { count, instant } from '@shared/format';
import { PageHead } from '@shared/PageHead';
import { Button, Dropdown, Select } from 'antd';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import type { Panel } from '../panel';

type Row = Schemas['StandardVersionRow'];

interface Props {
    sheet: Schemas['Sheet'];
    rows: readonly Row[];
    open: (panel: Panel) => void;
    children?: ReactNode;
}

/** The head of the sheet: which version, how it stands, and what can be had of it. */
export function StandardHead({ sheet, rows, open, children }: Props) {
    const { studio, user } = useSession();
    const navigate = useNavigate();
    const findings = sheet.findings.filter((finding) => finding.accepted === null && !finding.advice).length;
    const advice = sheet.findings.filter((finding) => finding.accepted === null && finding.advice).length;
    return (
        <PageHead
            title={`${sheet.name} ${sheet.version}`}
            sub={[
                sheet.state === 'in-force' && sheet.in_force_at !== null
                    ? `in force since ${instant(sheet.in_force_at, studio.time_zone)}`
                    : sheet.state,
                sheet.state === 'draft' ? '' : `${count(sheet.jobs, 'job')} on it`,
                findings === 0 ? 'no findings' : count(findings, 'finding'),
                advice === 0 ? '' : `${advice} to think about`,
            ]
                .filter((word) => word !== '')
                .join(' · ')}
        >
            {rows.length > 1 && (
                <Select
                    aria-label="Version"
                    className="version-select"
                    value={sheet.id}
                    options={rows.map((row) => ({ value: row.id, label: `${row.version} (${row.state.replace('-', ' ')})` }))}
                    onChange={(value) => void navigate(`/standard/${value}`)}
                />
            )}
            <Dropdown
                trigger={['click']}
                menu={{
                    items: [
                        { key: 'versions', label: 'Versions and jobs on them', onClick: () => open({ kind: 'versions' }) },
                        { key: 'proposals', label: 'Changes proposed', onClick: () => open({ kind: 'proposals' }) },
                        {
                            key: 'compare',
                            label: 'Compare two tiers',
                            onClick: () => void navigate(`/standard/${sheet.id}/compare`),
                        },
                        {
                            key: 'raise',
                            label: 'Raise a finished figure',
                            onClick: () => void navigate(`/standard/${sheet.id}/raise`),
                        },
                        { type: 'divider' },
                        {
                            key: 'json',
                            label: (
                                <a href={`/api/standards/${sheet.id}/document`} download={`${sheet.name} ${sheet.version}.json`}>
                                    Export as a file
                                </a>
                            ),
                        },
                        {
                            key: 'csv',
                            label: (
                                <a href={`/api/standards/${sheet.id}/matrix`} download={`${sheet.name} ${sheet.version}.csv`}>
                                    Export the matrix for a spreadsheet
                                </a>
                            ),
                        },
                        ...(user.role === 'lead'
                            ? [{ key: 'file', label: 'Take a standard from a file', onClick: () => open({ kind: 'file' }) }]
                            : []),
                    ],
                }}
            >
                <Button>More</Button>
            </Dropdown>
            {children}
        </PageHead>
    );
}
