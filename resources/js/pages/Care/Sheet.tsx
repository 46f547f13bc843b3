import { Box, chakra } from '@chakra-ui/react';
import { Head, router } from '@inertiajs/react';
import { type Sheet as Told, SheetView } from '../../care/SheetView';
import { Button } from '../../parts/Button';

/** What a sitter sees, without an account, until the last day is over. */
export default function Sheet({ secret, sheet }: { secret: string; sheet: Told }) {
    return (
        <chakra.main px={{ base: '3', md: '6' }} py="4">
            <Head title={`Looking after ${sheet.tank}`} />
            <chakra.h1 fontSize="2xl" mb="2">
                Looking after {sheet.tank}
            </chakra.h1>
            <SheetView
                sheet={sheet}
                tick={(key) => (
                    <Button
                        minH="44px"
                        flexShrink="0"
                        aria-label={`Done: ${sheet.days[0]?.tasks.find((one) => one.key === key)?.label ?? key}`}
                        onClick={() => router.post(`/sitter/${secret}/${key}`, {}, { preserveScroll: true })}
                    >
                        Done
                    </Button>
                )}
            />
            <Box mt="4" _print={{ display: 'none' }}>
                <Button minH="44px" onClick={() => print()}>
                    Print
                </Button>
            </Box>
        </chakra.main>
    );
}
