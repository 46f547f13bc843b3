import { appendFileSync, readFileSync } from 'node:fs';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig, type Plugin } from 'vite';

/** Puts the notices of the fonts behind those of the scripts; styles are not among the modules Vite looks at. */
function fontLicenses(): Plugin {
    return {
        name: 'font-licenses',
        apply: 'build',
        closeBundle() {
            const { dependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as {
                dependencies: Record<string, string>;
            };
            for (const name of Object.keys(dependencies).filter((one) => one.startsWith('@fontsource'))) {
                const folder = `node_modules/${name}`;
                const { version, license } = JSON.parse(readFileSync(`${folder}/package.json`, 'utf8')) as {
                    version: string;
                    license: string;
                };
                const text = readFileSync(`${folder}/LICENSE`, 'utf8');
                appendFileSync('public/build/licenses.txt', `\n## ${name} - ${version} (${license})\n\n${text}\n`);
            }
        },
    };
}

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/css/app.css', 'resources/js/app.tsx'], refresh: false }),
        react(),
        fontLicenses(),
    ],
    build: { assetsInlineLimit: 0, license: { fileName: 'licenses.txt' } },
});
