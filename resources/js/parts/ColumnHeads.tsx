import { chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';

/** The names of a table's columns: the first of what a row is about, to the left; figures to the right. */
export function ColumnHeads({ names, children }: { names: ReactNode[]; children?: ReactNode }) {
    return (
        <thead>
            <tr>
                {names.map((name, i) => (
                    <chakra.th
                        key={i}
                        scope="col"
                        fontWeight="400"
                        color="quiet"
                        textAlign={i === 0 ? 'left' : 'right'}
                        pl={i === 0 ? '0' : '3'}
                    >
                        {name}
                    </chakra.th>
                ))}
                {children}
            </tr>
        </thead>
    );
}
