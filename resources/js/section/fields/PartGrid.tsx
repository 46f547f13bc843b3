import { Box } from '@chakra-ui/react';
import { type ReactNode } from 'react';

/** The fields of one part, two side by side. */
export function PartGrid({ children }: { children: ReactNode }) {
    return (
        <Box display="grid" gridTemplateColumns="minmax(0, 1fr) minmax(0, 1fr)" gap="3" alignItems="end">
            {children}
        </Box>
    );
}
