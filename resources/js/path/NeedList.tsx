import { Box, chakra } from '@chakra-ui/react';
import { BasisNote } from '../parts/BasisNote';
import { type Need } from './types';

/** What to buy or provide, each with its arithmetic. */
export function NeedList({ needs }: { needs: Need[] }) {
    return (
        <chakra.table width="100%" fontSize="sm">
            <chakra.caption srOnly>What the path needs</chakra.caption>
            <thead>
                <tr>
                    {['what', 'how much', 'why'].map((name) => (
                        <chakra.th key={name} scope="col" textAlign="left" fontWeight="400" color="quiet" pr="4">
                            {name}
                        </chakra.th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {needs.map((need, i) => (
                    <chakra.tr key={i} borderTopWidth="1px" verticalAlign="top">
                        <chakra.th scope="row" textAlign="left" fontWeight="700" py="1.5" pr="4">
                            {need.what}
                        </chakra.th>
                        <chakra.td py="1.5" pr="4" fontFamily="figure">
                            {need.amount}
                        </chakra.td>
                        <chakra.td py="1.5" color="quiet">
                            {need.why}
                            {need.basis !== null && (
                                <Box _print={{ display: 'none' }}>
                                    <BasisNote basis={need.basis} />
                                </Box>
                            )}
                        </chakra.td>
                    </chakra.tr>
                ))}
            </tbody>
        </chakra.table>
    );
}
