import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { componentsUsed } from './bin/components.mjs';

const folder = (path: string) => decodeURIComponent(new URL(`./resources/js/${path}`, import.meta.url).pathname);

export default defineConfig({
    base: '/build/',
    publicDir: false,
    plugins: [
        react(),
        {
            name: 'components-used',
            enforce: 'pre',
            transform: (code, id) => (id.endsWith('/antd/dist/antd.css') ? componentsUsed(code) : null),
        },
    ],
    resolve: {
        alias: {
            '@api': folder('api'),
            '@shared': folder('shared'),
            '@features': folder('features'),
            '@testing': folder('testing'),
        },
    },
    test: {
        include: ['resources/js/**/*.test.{ts,tsx}'],
        environment: 'jsdom',
        testTimeout: 30_000,
        setupFiles: ['resources/js/testing/setup.ts'],
        // Styles are of no matter to tests, but for what the theme reads.
        css: { include: [/tokens\.css/] },
    },
    build: {
        outDir: 'public/build',
        emptyOutDir: true,
        manifest: 'manifest.json',
        sourcemap: true,
        rolldownOptions: {
            input: 'resources/js/app/main.tsx',
            output: {
                // What others wrote seldom changes and is kept by browsers over our versions; no piece holds the others up.
                codeSplitting: {
                    groups: [
                        { name: 'react', test: /node_modules[\\/](react|react-dom|scheduler)[\\/]/, priority: 2 },
                        { name: 'shell', test: /node_modules[\\/](react-router|@tanstack|openapi-fetch)[\\/]/, priority: 2 },
                    ],
                },
            },
        },
        chunkSizeWarningLimit: 250,
    },
});
