import { Box } from '@chakra-ui/react';
import { type ReactNode } from 'react';

/** The fields of one part, side by side. */
export function PartRow({ columns, children }: { columns: string; children: ReactNode }) {
    return (
        <Box
            borderBottomWidth="1px"
            py="2"
            display="grid"
            gridTemplateColumns={{ base: '1fr 1fr', lg: columns }}
            gap="3"
            alignItems="start"
        >
            {children}
        </Box>
    );
}
