import { chakra } from '@chakra-ui/react';
import { type Basis } from '../lib/page';

/** The kind of a default ("estimate"), which opens to what it is and where it comes from. */
export function BasisNote({ basis }: { basis: Basis }) {
    return (
        <chakra.details fontSize="sm" color="quiet" display="inline-block" _open={{ display: 'block' }}>
            <chakra.summary
                cursor="pointer"
                width="fit-content"
                textDecoration="underline dotted"
                textUnderlineOffset="3px"
            >
                {basis.kind}
            </chakra.summary>
            {basis.label}: {basis.value}. {basis.reason === null ? basis.source : `Set for this tank: ${basis.reason}`}
        </chakra.details>
    );
}
