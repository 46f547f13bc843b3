import { Box, chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';

export type PathTab = 'Lay out' | 'Water' | 'Styles' | 'Parts list' | 'Compare';

/** The parts of the Path area. */
export function PathTabs({ systemId, tab, mark }: { systemId: number; tab: PathTab; mark?: string | undefined }) {
    const base = `/systems/${systemId}/path`;
    const tabs: [PathTab, string][] = [
        ['Lay out', base],
        ['Water', `${base}/water`],
        ['Styles', `${base}/styles`],
        ...(mark === undefined ? [] : ([['Parts list', `${base}/${mark}/parts`]] as [PathTab, string][])),
        ['Compare', `${base}/compare`],
    ];
    return (
        <chakra.nav aria-label="Path" display="flex" flexWrap="wrap" columnGap="5" mb="2" _print={{ display: 'none' }}>
            {tabs.map(([name, href]) => (
                <Box
                    key={name}
                    asChild
                    display="inline-flex"
                    alignItems="center"
                    minH={{ base: '44px', md: '28px' }}
                    fontSize="sm"
                    fontWeight={name === tab ? '700' : '400'}
                    color={name === tab ? 'ink' : 'deep'}
                    style={{ textDecoration: name === tab ? 'none' : undefined }}
                >
                    <Link href={href} aria-current={name === tab ? 'page' : undefined}>
                        {name}
                    </Link>
                </Box>
            ))}
        </chakra.nav>
    );
}
