import { Box } from '@chakra-ui/react';
import { type ReactNode } from 'react';

/** The fields of one part of the sump, marked while it is picked on the drawing. */
export function PartRow({
    picked = false,
    columns,
    onPick,
    children,
}: {
    picked?: boolean;
    columns: string;
    onPick?: () => void;
    children: ReactNode;
}) {
    return (
        <Box
            borderBottomWidth="1px"
            py="2"
            pl="2"
            borderLeftWidth="3px"
            borderLeftColor={picked ? 'kelp' : 'transparent'}
            display="grid"
            gridTemplateColumns={{ base: '1fr 1fr', lg: columns }}
            gap="3"
            alignItems="start"
            onFocus={onPick}
        >
            {children}
        </Box>
    );
}
