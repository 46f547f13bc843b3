import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';

/** Fields that belong together, under one legend. */
export function FieldGroup({ legend, children }: { legend: string; children: ReactNode }) {
    return (
        <chakra.fieldset borderTopWidth="1px" pt="3" minW="0">
            <chakra.legend fontFamily="heading" fontWeight="650" fontSize="md" pr="3">
                {legend}
            </chakra.legend>
            {children}
        </chakra.fieldset>
    );
}

/** Fields side by side, fewer on a phone. */
export function FieldGrid({ columns, children }: { columns: number; children: ReactNode }) {
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: 'minmax(0, 1fr)', sm: '1fr 1fr', lg: `repeat(${columns}, 1fr)` }}
            gap="3"
            alignItems="start"
        >
            {children}
        </Box>
    );
}
