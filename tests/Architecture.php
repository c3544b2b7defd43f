<?php

declare(strict_types=1);

namespace Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The floors and rooms: what may stand on what. */
final class Architecture
{
    /** The stages in working order, by the folder they have on every floor. */
    private const STAGES = ['Plan', 'Receive', 'BreakDown', 'Portion', 'Route', 'Hold', 'Cost', 'Log', 'Practise'];

    #[TestRule]
    public function coreStandsAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Sectum'))
            ->excluding(Selector::inNamespace('Sectum\Tests'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('Sectum'),
                Selector::inNamespace('Brick\Math'),
                Selector::inNamespace('Psr'),
            )
            ->because('the rules and the arithmetic use no framework');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function noStageUsesALaterOne(): iterable
    {
        foreach (['App', 'Sectum'] as $floor) {
            foreach (self::STAGES as $i => $stage) {
                $later = array_slice(self::STAGES, $i + 1);
                if ($later !== []) {
                    yield PHPat::rule()
                        ->classes(Selector::inNamespace("{$floor}\\{$stage}"))
                        ->shouldNotDependOn()
                        ->classes(
                            ...array_map(fn (string $name) => Selector::inNamespace("{$floor}\\{$name}"), $later),
                        )
                        ->because('work flows one way');
                }
            }
        }
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function groundRoomsUseNoStage(): iterable
    {
        foreach (
            ['App\Kitchen', 'App\Measure', 'App\Fish', 'App\Devices', 'App\Contract', 'Sectum\Measure', 'Sectum\Fish'] as $room
        ) {
            yield PHPat::rule()
                ->classes(Selector::inNamespace($room))
                ->shouldNotDependOn()
                ->classes(
                    ...array_map(
                        fn (string $name) => Selector::inNamespace(strtok($room, '\\')."\\{$name}"),
                        self::STAGES,
                    ),
                )
                ->because('every stage stands on these');
        }
    }
}
