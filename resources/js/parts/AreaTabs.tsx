import { Box, chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';

/** The parts of an area, one of them open. */
export function AreaTabs({ area, tab, tabs }: { area: string; tab: string; tabs: [string, string][] }) {
    return (
        <chakra.nav aria-label={area} display="flex" flexWrap="wrap" columnGap="5" mb="2" _print={{ display: 'none' }}>
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
