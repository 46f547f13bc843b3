import { chakra } from '@chakra-ui/react';
import { SEVERITY, type Severity } from './severity';

/** The number of a finding, where it is pinned and in the list alike. Its shape tells a fault (square) from a caution. */
export function Pin({ number, severity }: { number: number; severity: Severity }) {
    const look = SEVERITY[severity];
    return (
        <chakra.span
            display="inline-grid"
            placeItems="center"
            minW="20px"
            height="20px"
            px="1"
            borderRadius={severity === 'fault' ? '3px' : '10px'}
            bg={look.colour}
            color="paper"
            fontFamily="figure"
            fontSize="xs"
            fontWeight="700"
            lineHeight="1"
            role="img"
            aria-label={`${look.name} ${number}`}
        >
            {number}
        </chakra.span>
    );
}
