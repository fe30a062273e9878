import 'antd/dist/antd.css';
import '@fontsource-variable/archivo/standard.css';
import '../../css/index.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { App, ConfigProvider } from 'antd';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { client } from './client';
import { router } from './router';
import { theme } from './theme';

const place = document.getElementById('app');
if (place === null) {
    throw new Error('The page has no element "app" to live in.');
}
createRoot(place).render(
    <StrictMode>
        <ConfigProvider theme={theme} wave={{ disabled: true }}>
            <App component={false}>
                <QueryClientProvider client={client}>
                    <RouterProvider router={router} />
                </QueryClientProvider>
            </App>
        </ConfigProvider>
    </StrictMode>,
);
