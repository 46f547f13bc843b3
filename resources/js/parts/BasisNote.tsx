import { Box, chakra } from '@chakra-ui/react';
import { Link, usePage } from '@inertiajs/react';
import { type Basis, type SystemFrame } from '../lib/page';

/** The kind of a default ("estimate"), which opens to what it is, where it comes from, and where this tank's own is set. */
export function BasisNote({ basis }: { basis: Basis }) {
    const { frame } = usePage<{ frame?: SystemFrame }>().props;
    return (
        <chakra.details fontSize="sm" color="quiet" display="inline-block" _open={{ display: 'block' }}>
            <chakra.summary
                cursor="pointer"
                width="fit-content"
                textDecoration="underline dotted"
                textUnderlineOffset="3px"
            >
                {basis.reason === null ? basis.kind : 'set for this tank'}
            </chakra.summary>
            {basis.label}: {basis.value}. {basis.reason === null ? basis.source : basis.reason}
            {frame !== undefined && (
                <>
                    {' '}
                    <Box asChild textDecoration="underline">
                        <Link href={`/systems/${frame.id}/assumptions#${basis.key}`}>
                            {basis.reason === null ? 'Set it for this tank' : 'Change it'}
                        </Link>
                    </Box>
                </>
            )}
        </chakra.details>
    );
}
