<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\Quantity\Length;

/** What lies along the cable. */
final class Lengths
{
    /** @return list<Tool> */
    public static function tools(): array
    {
        return [self::strip(), self::window(), self::slack(), self::bend()];
    }

    private static function strip(): Tool
    {
        return Tool::of(
            'strip', 'Strip length', 'How much insulation comes off for a connector, and the gap before and after it is crimped',
            static function (Given $given): Outcome {
                [$depth, $gap, $growth] = [$given->length('depth'), $given->length('gap'), $given->length('growth')];
                $each = 'joint' === $given->text('kind') ? Length::nearestToMillimetres($growth->inMillimetres() / 2) : $growth;
                $after = $gap->minus($each);
                [$mouth, $edge, $grown] = [$depth->inMillimetres(), $depth->plus($gap)->inMillimetres(),
                    $depth->plus($each)->inMillimetres()];

                return Outcome::of('Strip length', $depth->plus($gap))->also('Gap before', $gap)->also('Gap after', $after)
                    ->by('{depth:fine} deep and {gap:fine} of gap: {strip:fine}.', [
                        'depth' => $depth, 'gap' => $gap, 'strip' => $depth->plus($gap),
                    ])
                    ->by('It grows by {each:fine} towards this side: {gap:fine} less {each:fine} is {after:fine}.', [
                        'each' => $each, 'gap' => $gap, 'after' => $after,
                    ])
                    ->warning($after->isNegative(), 'The connector would push on the insulation: it needs {more:fine} more of gap.', [
                        'more' => $after->absolute(),
                    ])
                    ->drawn(
                        Shape::bar('conductor', 0, $edge), Shape::bar('connector, before', 0, $mouth),
                        Shape::bar('connector, after', 0, $grown), Shape::bar('insulation', $edge, $edge + $mouth / 2),
                    );
            },
            Ask::choice('kind', 'What it is', ['joint' => 'a connector, open at both ends', 'lug' => 'a lug, or one side of a connector']),
            Ask::length('depth', 'Depth of the barrel', 5, 400, '60', '2 3/8'),
            Ask::length('gap', 'Gap to the insulation before', 0, 60, '5', '3/16'),
            Ask::length('growth', 'How much longer it is once fixed', 0, 60, '4', '5/32'),
        )->from('geometry; that a crimp lengthens half to each side: common practice', 'The maker’s own strip length comes first.');
    }

    private static function window(): Tool
    {
        return Tool::of(
            'window', 'Body over both screens', 'How far apart the screens may end under a body, and what it covers at both ends',
            static function (Given $given): Outcome {
                [$body, $cover, $hand] = [$given->length('body'), $given->length('cover'), $given->length('hand')];
                [$apart, $off] = [$given->length('apart'), $given->length('off')];
                $most = $body->minus($cover->times(2))->minus($hand->times(2));
                $each = Length::nearestToMillimetres($body->minus($apart)->inMillimetres() / 2);
                [$half, $far] = [$apart->inMillimetres() / 2, $body->inMillimetres() / 2];
                $shift = $off->inMillimetres();

                return Outcome::of('Screens at most apart', $most)->also('Covered on the side it is off', $each->plus($off))
                    ->also('Covered on the other side', $each->minus($off))
                    ->by('{body:fine} less 2 × {cover:fine} of cover less 2 × {hand:fine} of placing: {most:fine}.', [
                        'body' => $body, 'cover' => $cover, 'hand' => $hand, 'most' => $most,
                    ])
                    ->by('({body:fine} − {apart:fine}) / 2 is {each:fine} a side, {off:fine} more on one and less on the other.', [
                        'body' => $body, 'apart' => $apart, 'each' => $each, 'off' => $off,
                    ])
                    ->warning($each->minus($off)->minus($hand)->isLessThan($cover), 'The least cover is not kept at the worst.')
                    ->drawn(
                        Shape::bar('screen', -$far - 40, -$half), Shape::bar('screen', $half, $far + 40),
                        Shape::bar('body', -$far - $shift, $far - $shift),
                    );
            },
            Ask::length('body', 'Body as it lies', 40, 1500, '320', '12 1/2'),
            Ask::length('apart', 'Screens apart', 10, 1500, '240', '9 1/2'),
            Ask::length('cover', 'Least cover on each screen', 0, 200, '20', '3/4'),
            Ask::length('off', 'Body off the middle by', 0, 200, '4', '1/8'),
            Ask::length('hand', 'Placed within', 0, 50, '3', '1/8'),
        )->from('geometry',
            'Lengths as installed: what shrinks or stretches is entered as it lies then. The leaflet’s window comes first.');
    }

    private static function slack(): Tool
    {
        return Tool::of(
            'slack', 'Slack left', 'How often an end can still be cut back', static function (Given $given): Outcome {
                [$slack, $used, $each] = [$given->length('slack'), $given->length('used'), $given->length('each')];
                $left = $slack->minus($used);
                $times = $left->isNegative() ? 0 : intdiv($left->nanometres, max(1, $each->nanometres));

                return Outcome::of('Times', (string) $times)->also('Left', $left)
                    ->by('{slack:fine} less {used:fine}: {left:fine}; {each:fine} each time.', [
                        'slack' => $slack, 'used' => $used, 'left' => $left, 'each' => $each,
                    ])
                    ->warning(0 === $times, 'Not once more: a piece with two joints is the next way.')
                    ->drawn(
                        Shape::bar('slack', 0, $slack->inMillimetres()), Shape::bar('sawn off', 0, $used->inMillimetres()),
                        Shape::bar('once more', $used->inMillimetres(), $used->plus($each)->inMillimetres()),
                    );
            },
            Ask::length('slack', 'Slack as measured', 0, 20000, '300', '12'), Ask::length('used', 'Sawn off since', 0, 20000, '80', '3'),
            Ask::length('each', 'What each time takes', 1, 2000, '70', '2 3/4'),
        )->from('geometry', 'On three cores all three are cut alike. Bending radius and overlap are looked at by themselves.');
    }

    private static function bend(): Tool
    {
        return Tool::of(
            'bend', 'Bending radius', 'How tightly a cable may lie', static function (Given $given): Outcome {
                $radius = Length::nearestToMillimetres($given->mm('diameter') * $given->number('times'));
                $lies = $given->length('lies');

                return Outcome::of('Least radius', $radius)->by('{times} × {diameter:fine}: {radius:fine}, to the inside of the bend.', [
                    'times' => Say::number($given->number('times'), 1), 'diameter' => $given->length('diameter'), 'radius' => $radius,
                ])
                    ->warning($lies->isLessThan($radius), 'At {lies:fine} it is bent too tightly.', ['lies' => $lies])
                    ->drawn(
                        Shape::ring('as it lies', 2 * $lies->inMillimetres()), Shape::ring('least', 2 * $radius->inMillimetres()),
                    );
            },
            Ask::length('diameter', 'Diameter over all', 5, 200, '40', '1 5/8'),
            Ask::number('times', 'Times the diameter', '', 4, 40, '15'),
            Ask::length('lies', 'Radius as it lies', 20, 20000, '700', '28'),
        )->from(
            'common practice beside IEC 60502-2 and ICEA S-97-682',
            '15 D for three cores, 20 D for one while it is laid, 12 D for tape and corrugated shields, 8 D for wire neutrals; the maker’s '
                .'sheet rules.',
        );
    }
}
