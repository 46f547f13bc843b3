import { Box } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';

/** A figure that the drawn sump computes, in the place of a field: it is shown, not asked, and leads to where it comes from. */
export function ComputedFigure({ label, text, systemId }: { label: string; text: string; systemId: number }) {
    return (
        <Box fontSize="sm">
            <Box fontWeight="600" mb="1">
                {label}
            </Box>
            <Box minH={{ base: '44px', md: '36px' }} display="flex" flexWrap="wrap" alignItems="center" columnGap="2">
                <Box as="span" fontFamily="figure" fontSize="md">
                    {text}
                </Box>
                <Link href={`/systems/${systemId}/section`}>from the drawn sump</Link>
            </Box>
        </Box>
    );
}
