import { describe, expect, it } from 'vitest';
import { componentsUsed, USED } from '../../../bin/components.mjs';

const sources = import.meta.glob<string>('../**/*.{ts,tsx}', { query: '?raw', import: 'default', eager: true });

/** Names of types, hooks and what has no look of its own. */
const WITHOUT_STYLE = /^(type .*|theme)$/;

describe('styles of the component library', () => {
    it('are there for every component that is used, and for no other', () => {
        const used = Object.values(sources)
            .flatMap((source) => [...source.matchAll(/^import \{([^}]*)\} from 'antd';/gm)])
            .flatMap(([, names = '']) => names.split(',').map((name) => name.trim()))
            .filter((name) => name !== '' && !WITHOUT_STYLE.test(name));
        expect([...new Set(used)].toSorted()).toEqual(Object.keys(USED).toSorted());
    });

    it('keep what is used of a rule, and the motions that it names', () => {
        const css = componentsUsed(
            '.ant-btn,.ant-table{color:red}.ant-table-cell{color:red}.ant-select{animation:antTurn 1s}@keyframes antTurn{0%{opacity:0}}@keyframes antIdle{0%{opacity:0}}@media print{.ant-table{color:red}}.css-var-_R_0_{--x:1}a,.anticon{color:red}',
        );
        expect(css).toBe(
            '.ant-btn{color:red}.ant-select{animation:antTurn 1s}@keyframes antTurn{0%{opacity:0}}.anticon{color:red}',
        );
    });
});
