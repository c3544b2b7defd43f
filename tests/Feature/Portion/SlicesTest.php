<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class SlicesTest extends TestCase
{
    private string $at;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        $this->at = "{$this->boardedSide()}/slices";
    }

    /**
     * @param  array<string, mixed>  $how
     * @return TestResponse<Response>
     */
    private function slices(array $how): TestResponse
    {
        return $this->api('POST', $this->at, ['thickness' => '5 mm', 'angle_deg' => 45, 'per_cover' => 6, ...$how]);
    }

    public function test_a_loin_gives_slices_for_so_many_covers_and_nothing_is_kept(): void
    {
        $rows = DB::table('activity_log')->count() + DB::table('boards')->count();
        $all = $this->slices(['covers' => 12])->assertOk();
        $made = $all->json('slices');
        self::assertIsInt($made);
        self::assertGreaterThan(20, $made);
        self::assertSame(intdiv($made, 6), $all->json('covers'));
        self::assertSame(max(0, 12 - intdiv($made, 6)), $all->json('short'));
        // A shorter stretch and thicker slices give fewer.
        $less = $this->slices([
            'from' => '5 cm',
            'to' => '20 cm',
            'width' => '7 cm',
            'thickness' => '8 mm',
        ])->assertOk();
        self::assertLessThan($made, $less->json('slices'));
        self::assertSame('7.0 cm', $less->json('block.width'));
        self::assertNull($less->json('short'));
        self::assertSame($rows, DB::table('activity_log')->count() + DB::table('boards')->count());
    }

    public function test_what_cannot_be_sliced_is_said_where_it_was_typed(): void
    {
        foreach ([
            [['thickness' => '0.5 mm'], '/thickness'],
            [['thickness' => '20 cm'], '/thickness'],
            [['thickness' => 'thin'], '/thickness'],
            [['angle_deg' => 0], '/angle_deg'],
            [['per_cover' => 0], '/per_cover'],
            [['from' => '40 cm', 'to' => '30 cm'], '/from'],
        ] as [$how, $where]) {
            self::assertSame($where, $this->slices($how)->assertStatus(422)->json('errors.0.pointer'));
        }
    }
}
