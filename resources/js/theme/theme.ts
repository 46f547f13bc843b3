import { createSystem, defaultBaseConfig, defineConfig, defineRecipe, defineSlotRecipe } from '@chakra-ui/react';

// Chart paper and ink. Every colour of the app is here, light and dark, with AA contrast for text on paper.
const colours = {
    paper: ['#F4F2EA', '#10191C'],
    raised: ['#FBFAF4', '#162226'],
    ink: ['#14242B', '#E6E9E2'],
    quiet: ['#4F5C5F', '#A3B0AE'],
    hairline: ['#CBC8BA', '#33444A'],
    edge: ['#767E78', '#7C8C8B'],
    water: ['#DCE8E4', '#18363A'],
    current: ['#A9CBC4', '#2C5F62'],
    deep: ['#0F4A50', '#7FC4C0'],
    kelp: ['#2F6B4F', '#7DC29C'],
    nitrate: ['#8A5100', '#E0A44E'],
    phosphate: ['#4A4BA8', '#A6A8F0'],
    fault: ['#A8321F', '#F08C78'],
    caution: ['#805500', '#E2B04A'],
    band: ['#E7E6E4', '#1D292D'],
} as const;

const input = defineRecipe({
    className: 'input',
    base: {
        width: '100%',
        minH: { base: '44px', md: '36px' },
        px: '2.5',
        bg: 'raised',
        color: 'ink',
        borderWidth: '1px',
        borderColor: 'edge',
        borderRadius: '3px',
        fontSize: { base: '16px', md: 'sm' },
        _invalid: { borderColor: 'fault', borderWidth: '2px' },
        _placeholder: { color: 'quiet' },
    },
});

const field = defineSlotRecipe({
    className: 'field',
    slots: ['root', 'label', 'requiredIndicator', 'errorText', 'helperText', 'input', 'select', 'textarea'],
    base: {
        root: { display: 'flex', flexDirection: 'column', gap: '1', width: '100%' },
        label: { fontSize: 'sm', fontWeight: '600' },
        errorText: { color: 'fault', fontSize: 'sm' },
        helperText: { color: 'quiet', fontSize: 'sm' },
    },
});

export const system = createSystem(
    defaultBaseConfig,
    defineConfig({
        preflight: true,
        cssVarsRoot: ':where(html)',
        globalCss: {
            html: {
                bg: 'paper',
                color: 'ink',
                fontFamily: 'body',
                fontSize: '15px',
                lineHeight: '1.45',
            },
            body: { bg: 'paper', minHeight: '100dvh' },
            '*, *::before, *::after': { borderColor: 'hairline' },
            'h1, h2, h3': { fontFamily: 'heading', fontWeight: '650', lineHeight: '1.2' },
            a: { color: 'deep', textUnderlineOffset: '3px' },
            // Room for the log that stays at the foot, when the focus moves below it.
            'main :is(a, button, input, select, summary)': { scrollMarginBottom: '110px' },
            'main a': { textDecoration: 'underline' },
            ':focus-visible': { outline: '2px solid', outlineColor: 'deep', outlineOffset: '2px' },
            table: { borderCollapse: 'collapse' },
        },
        theme: {
            breakpoints: { sm: '480px', md: '768px', lg: '1080px' },
            tokens: {
                fonts: {
                    heading: { value: "'Bricolage Grotesque Variable', sans-serif" },
                    body: { value: "'Atkinson Hyperlegible Next Variable', sans-serif" },
                    figure: { value: "'Atkinson Hyperlegible Mono Variable', monospace" },
                },
                fontSizes: {
                    xs: { value: '0.8rem' },
                    sm: { value: '0.9rem' },
                    md: { value: '1rem' },
                    lg: { value: '1.2rem' },
                    xl: { value: '1.5rem' },
                    '2xl': { value: '1.9rem' },
                },
                spacing: Object.fromEntries(
                    [0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 8, 10, 12, 16].map((n) => [
                        String(n),
                        { value: `${n * 4}px` },
                    ]),
                ),
            },
            semanticTokens: {
                colors: Object.fromEntries(
                    Object.entries(colours).map(([name, [light, dark]]) => [
                        name,
                        { value: { _light: light, _dark: dark } },
                    ]),
                ),
            },
            recipes: { input },
            slotRecipes: { field },
        },
    }),
);
