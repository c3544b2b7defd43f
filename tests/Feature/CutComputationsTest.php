<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Cuts other than by weight, called from outside: the worked figures, by the filter and over HTTP alike. */
final class CutComputationsTest extends TestCase
{
    private const FILLET =
        '"fillet":{"mass_g":1480,"length_cm":52,"thickness_mm":34,"shape":"long-side"},"square_head_g":40,'.
        '"min_thickness_mm":10,"trim_value_per_kg":9';

    /** @return iterable<string, array{string, string, array<string, int|float|array<mixed>>}> */
    public static function worked(): iterable
    {
        yield 'board-weight' => ['board-weight', '{"plate_g":160,"losses_pct":[6,3]}', ['board_g' => 175.477]];
        yield 'slices' => [
            'slices',
            '{"length_cm":16,"width_cm":7,"height_cm":3,"thickness_mm":5,"angle_deg":45,"slices_per_cover":6}',
            ['slices' => 18, 'slice_g' => 15.592, 'face_cm2' => 29.698, 'offcut_g' => 72.149, 'covers' => 3],
        ];
        yield 'pair' => [
            'pair',
            '{"masses_g":[92,101,88,110,97,104,95,120],"target_g":200,"minus_g":8,"plus_g":8}',
            ['groups' => 4, 'spread_g2' => 73, 'left' => 0],
        ];
        yield 'by count' => [
            'portion-plan',
            '{'.self::FILLET.',"mode":"count","count":8}',
            ['left_over_g' => 58.177, 'value' => 0.5236, 'pieces.7.mass_g' => 177.728, 'pieces.7.to_cm' => 49.591],
        ];
        yield 'by width' => [
            'portion-plan',
            '{'.self::FILLET.',"mode":"width","width_mm":60}',
            ['left_over_g' => 58.225, 'pieces.0.mass_g' => 186.38, 'pieces.7.mass_g' => 75.31, 'counts' => []],
        ];
    }

    /** @param  array<string, int|float|array<mixed>>  $figures */
    #[DataProvider('worked')]
    public function test_the_worked_figures_come_from_either_door(string $name, string $request, array $figures): void
    {
        $process = new Process(['php', 'artisan', 'sectum:compute', $name], base_path(), null, $request);
        $process->run();
        $this->kitchen();
        $body = json_decode($request, true);
        self::assertIsArray($body);
        $answers = [
            json_decode($process->getOutput(), true),
            $this->api('POST', "/compute/{$name}", $body)->assertOk()->json(),
        ];
        foreach ($answers as $answer) {
            foreach ($figures as $key => $figure) {
                is_array($figure)
                    ? self::assertSame($figure, data_get($answer, $key), $key)
                    : self::assertEqualsWithDelta($figure, data_get($answer, $key), 0.0051, $key);
            }
            self::assertNull(data_get($answer, 'pieces.0.kind'));
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function impossible(): iterable
    {
        $fillet = ['fillet' => ['mass_g' => 1480, 'length_cm' => 52, 'thickness_mm' => 34]];
        yield 'no count' => ['portion-plan', [...$fillet, 'mode' => 'count'], '/count'];
        yield 'no width' => ['portion-plan', [...$fillet, 'mode' => 'width'], '/width_mm'];
        yield 'wider than it is' => ['portion-plan', [...$fillet, 'mode' => 'width', 'width_mm' => 600], '/width_mm'];
        yield 'a count of kinds' => [
            'portion-plan',
            [...$fillet, 'mode' => 'count', 'count' => 3, 'kinds' => [['id' => 'plate', 'target_g' => 170]]],
            '/kinds',
        ];
        yield 'no kinds by weight' => ['portion-plan', $fillet, '/kinds'];
        yield 'a slice thicker than its block' => [
            'slices',
            ['length_cm' => 16, 'width_cm' => 7, 'height_cm' => 3, 'thickness_mm' => 31],
            '/thickness_mm',
        ];
        yield 'a fillet of nothing' => ['pair', ['masses_g' => [90, 0], 'target_g' => 200], '/masses_g/1'];
        yield 'all lost' => ['board-weight', ['plate_g' => 160, 'losses_pct' => [100]], '/losses_pct/0'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_cut_is_refused_where_asked(string $name, array $body, string $where): void
    {
        $this->kitchen();
        $refused = $this->api('POST', "/compute/{$name}", $body)->assertStatus(422);
        self::assertSame($where, $refused->json('errors.0.pointer'));
    }
}
