import type { ThemeConfig } from 'antd';

const ink = '#141414';

/** Greys without tint, square corners, no motion: the only colours on a screen are paints. */
export const theme: ThemeConfig = {
    token: {
        colorPrimary: ink,
        colorInfo: ink,
        colorSuccess: ink,
        colorWarning: ink,
        colorError: ink,
        colorLink: ink,
        colorLinkHover: '#4a4a4a',
        colorTextBase: ink,
        colorBgBase: '#ffffff',
        colorBorder: '#8a8a8a',
        colorBorderSecondary: '#cfcfcf',
        colorTextPlaceholder: '#6b6b6b',
        colorTextDescription: '#5c5c5c',
        colorTextDisabled: '#6b6b6b',
        colorBgContainerDisabled: '#efefef',
        controlOutline: 'transparent',
        borderRadius: 0,
        fontFamily: "'Archivo Variable', 'DejaVu Sans', sans-serif",
        fontSize: 14,
        controlHeight: 34,
        motion: false,
        boxShadow: 'none',
        boxShadowSecondary: '0 0 0 1px #141414',
        wireframe: false,
    },
    components: {
        Button: { fontWeight: 650, primaryShadow: 'none', defaultShadow: 'none', dangerShadow: 'none', defaultBorderColor: ink },
        Select: { optionSelectedBg: '#e6e6e6', optionActiveBg: '#f0f0f0' },
        Drawer: { paddingLG: 20 },
        Table: { headerBg: '#f1f1f1', cellPaddingBlockSM: 6 },
    },
};
