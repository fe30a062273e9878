import type { ThemeConfig } from 'antd';
import { token } from './tokens';

const ink = token('ink');
const quiet = token('quiet');
const rail = token('rail');

/** Greys without tint, square corners, no motion: the only colours on a screen are paints. */
export const theme: ThemeConfig = {
    // The styles of the components are made when the front end is built (bin/components.mjs).
    zeroRuntime: true,
    token: {
        colorPrimary: ink,
        colorInfo: ink,
        colorSuccess: ink,
        colorWarning: ink,
        colorError: ink,
        colorLink: ink,
        colorLinkHover: quiet,
        colorTextBase: ink,
        colorBgBase: token('paper'),
        colorBorder: token('edge'),
        colorBorderSecondary: token('line'),
        colorTextPlaceholder: quiet,
        colorTextDescription: quiet,
        colorTextDisabled: quiet,
        colorBgContainerDisabled: rail,
        controlOutline: 'transparent',
        borderRadius: 0,
        fontFamily: "'Archivo Variable', 'DejaVu Sans', sans-serif",
        fontSize: parseInt(token('size-text')),
        controlHeight: 34,
        motion: false,
        boxShadow: 'none',
        boxShadowSecondary: `0 0 0 1px ${ink}`,
        wireframe: false,
    },
    components: {
        Button: { fontWeight: 650, primaryShadow: 'none', defaultShadow: 'none', dangerShadow: 'none', defaultBorderColor: ink },
        Select: { optionSelectedBg: token('shade'), optionActiveBg: rail },
        Table: { headerBg: rail, cellPaddingBlockSM: 6 },
    },
};
