// The styles of the component library as it ships them, without those of components that nothing here uses: made when the front
// end is built, so that no browser works them out while a page opens.
import postcss from 'postcss';

/** What the names of classes begin with: of components that are used, and of what they are put together from. */
export const USED = {
    App: ['app', 'message'],
    AutoComplete: ['select', 'input', 'empty'],
    Button: ['btn', 'space-compact'],
    Checkbox: ['checkbox'],
    ConfigProvider: [],
    Dropdown: ['dropdown'],
    Form: ['form', 'row', 'col'],
    Input: ['input'],
    Modal: ['modal', 'btn'],
    Popconfirm: ['popconfirm', 'popover', 'btn'],
    Popover: ['popover'],
    Radio: ['radio'],
    Select: ['select', 'empty'],
    Slider: ['slider', 'tooltip'],
};

const PREFIXES = [...new Set(Object.values(USED).flat())];

/** Of those that are used, what is not: columns by the width of the window, fields for numbers. */
const UNUSED = /^(col-(xs|sm|md|lg|xl|xxl|\d)|input-number)/;

/** Beside components: its icons. Values of its own theme, and how it would have our links look, are left out. */
const BESIDE = /^\.anticon/;

/** A selector is of one component: that of the first class of the library that it names. */
function isUsed(selector) {
    const [, name] = /\.ant-([a-z0-9-]+)/.exec(selector) ?? [];
    return name === undefined ? BESIDE.test(selector) : !UNUSED.test(name) && PREFIXES.some((prefix) => name === prefix || name.startsWith(`${prefix}-`));
}

export function componentsUsed(css) {
    const root = postcss.parse(css);
    root.walkRules((rule) => {
        if (rule.parent?.type === 'atrule' && rule.parent.name.endsWith('keyframes')) {
            return;
        }
        const kept = rule.selectors.filter(isUsed);
        if (kept.length === 0) {
            rule.remove();
        } else {
            rule.selectors = kept;
        }
    });
    const moves = new Set();
    root.walkDecls(/^animation(-name)?$/, ({ value }) => {
        for (const part of value.split(/[\s,]+/)) {
            moves.add(part);
        }
    });
    root.walkAtRules((rule) => {
        const isIdle = rule.name.endsWith('keyframes') ? !moves.has(rule.params) : rule.nodes?.length === 0;
        if (isIdle) {
            rule.remove();
        }
    });
    return root.toString();
}
