import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { createInertiaApp } from '@inertiajs/react';
import { type ComponentType } from 'react';
import { createRoot } from 'react-dom/client';
import { applyLook, followDevice } from './lib/colourMode';
import { watchVisits } from './lib/trouble';
import { system } from './theme/theme';

applyLook();
followDevice();
watchVisits();

// The content security policy lets only styles with this page's nonce stand inline.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content ?? '';
const styles = createCache({ key: 'ithys', nonce });
const pages = import.meta.glob<{ default: ComponentType }>('./pages/**/*.tsx');

void createInertiaApp({
    title: (title) => (title ? `${title} · Ithys` : 'Ithys'),
    progress: false,
    resolve: async (name) => {
        const load = pages[`./pages/${name}.tsx`];
        if (!load) {
            throw new Error(`There is no page ${name}.`);
        }
        return (await load()).default;
    },
    setup({ el, App, props }) {
        createRoot(el).render(
            <CacheProvider value={styles}>
                <ChakraProvider value={system}>
                    <App {...props} />
                </ChakraProvider>
            </CacheProvider>,
        );
    },
});
