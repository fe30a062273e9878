import { NumberInput } from '@shared/NumberInput';
import { Input, Select } from 'antd';
import { type CellDoc, freeId, type UseDoc, nameOfUse, withMember } from '../document';
import type { Errors } from '../errors';

type Menu = NonNullable<CellDoc['menu']>[number];

interface Props {
    menus: readonly Menu[];
    uses: readonly UseDoc[];
    errors: Errors;
    onChange: (menus: Menu[]) => void;
}

/** Layers of which a job chooses some. */
export function MenuEditor({ menus, uses, errors, onChange }: Props) {
    const free = uses.map(nameOfUse).filter((name) => !menus.some((menu) => menu.uses.includes(name)));
    const set = (i: number, next: Menu) => onChange(menus.map((one, j) => (j === i ? next : one)));
    return (
        <div className="menu-editor">
            <h3>To choose from</h3>
            {menus.map((menu, i) => (
                <div key={menu.id} className="criterion-editor">
                    <div className="criterion-row">
                        <Input
                            aria-label={`Name of choice ${i + 1}`}
                            value={menu.name ?? menu.id}
                            onChange={(event) => set(i, { ...menu, name: event.target.value })}
                        />
                        <NumberInput
                            aria-label={`How many of choice ${i + 1} are included; none: by agreement`}
                            placeholder="by agreement"
                            value={menu.choose ?? null}
                            onChange={(choose) => set(i, withMember(menu, 'choose', choose))}
                        />
                        <button
                            type="button"
                            className="plain-button small"
                            aria-label={`Take out choice ${i + 1}`}
                            onClick={() => onChange(menus.filter((_, j) => j !== i))}
                        >
                            ×
                        </button>
                    </div>
                    <Select
                        aria-label={`Layers of choice ${i + 1}`}
                        mode="multiple"
                        value={menu.uses}
                        options={[...menu.uses, ...free].map((name) => ({ value: name, label: name }))}
                        onChange={(chosen: string[]) => set(i, { ...menu, uses: chosen })}
                    />
                    {errors(`menu.${i}.uses`) !== undefined && <p className="field-error">◆ {errors(`menu.${i}.uses`)}</p>}
                    {errors(`menu.${i}.choose`) !== undefined && <p className="field-error">◆ {errors(`menu.${i}.choose`)}</p>}
                </div>
            ))}
            {free.length > 0 && (
                <button
                    type="button"
                    className="link-button"
                    onClick={() =>
                        onChange([
                            ...menus,
                            {
                                id: freeId(
                                    'choice',
                                    menus.map((one) => one.id),
                                ),
                                name: 'Choice',
                                uses: free.slice(-1),
                                choose: 1,
                            },
                        ])
                    }
                >
                    Leave layers to choose from
                </button>
            )}
        </div>
    );
}
