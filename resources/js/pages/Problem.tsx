import { Box, chakra } from '@chakra-ui/react';
import { Head, Link } from '@inertiajs/react';

/** Says in a sentence what went wrong. */
export default function Problem({ status, title, sentence }: { status: number; title: string; sentence: string }) {
    return (
        <chakra.main maxWidth="34rem" mx="auto" px="4" pt="16">
            <Head title={title} />
            <Box fontFamily="figure" color="quiet">
                {status}
            </Box>
            <chakra.h1 fontSize="2xl" mb="2">
                {title}
            </chakra.h1>
            <chakra.p mb="4">{sentence}</chakra.p>
            <Link href="/">Back to your tank</Link>
        </chakra.main>
    );
}
