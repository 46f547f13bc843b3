import { chakra } from '@chakra-ui/react';
import { figure } from '../lib/figures';
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
            {basis.label}: {figure(basis.value)} {basis.unit}. {basis.source}
        </chakra.details>
    );
}
