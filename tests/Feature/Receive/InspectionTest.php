<?php

declare(strict_types=1);

namespace Tests\Feature\Receive;

use App\Fish\Fish;
use App\Fish\Inspection;
use App\Fish\Photo;
use App\Fish\Stage;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;

final class InspectionTest extends AtTheDoor
{
    public function test_what_the_preview_says_is_what_is_written_down(): void
    {
        $line = $this->line('Arctic char', ['proof' => 'farmed feed']);
        $this->weighIn($line, '2.1 kg');
        $form = $this->api('GET', "/receive/lines/{$line}/inspection")
            ->assertOk()
            ->assertJsonCount(6, 'attributes')
            ->assertJsonPath('warmest', '5.0 °C');
        self::assertSame('Clean sea, cucumber, cut grass', $form->json('attributes.0.grades.0'));
        $body = [
            'line' => $line,
            'fish' => [],
            'grades' => [...self::BRIGHT, 'skin' => 1],
            'rigor' => 'stiff',
            'temperature' => ['probe' => 21],
        ];
        $said = $this->api('POST', "/receive/lines/{$line}/inspection", $body)
            ->assertOk()
            ->assertJsonPath('verdict', 'accept')
            ->assertJsonPath('rest_hours', 24);
        self::assertSame(0, Inspection::query()->count());
        $door = $this->api('PUT', '/receive/inspections/'.self::id(), $body)->assertOk();
        self::assertSame($said->json('reasons'), $door->json('lines.0.inspections.0.reasons'));
        $door
            ->assertJsonPath('lines.0.inspections.0.core', '2.1 °C')
            ->assertJsonPath('lines.0.inspections.0.measured', 'probe')
            ->assertJsonPath('lines.0.inspections.0.points', '1 of 18');
        $fish = Fish::query()->firstOrFail();
        self::assertNotNull($fish->raw_until);
        self::assertNotNull($fish->rests_until);
    }

    public function test_warm_histamine_fish_is_refused_whatever_it_looks_like_and_the_guide_is_named(): void
    {
        $line = $this->line('Atlantic mackerel');
        $this->weighIn($line, '400 g');
        $this->api('GET', "/receive/lines/{$line}/inspection")
            ->assertJsonPath('warmest', '4.4 °C')
            ->assertJsonPath('rule', 'FDA hazards guide, histamine group');
        $this->inspect($line, ['temperature' => ['typed' => '4.4']])
            ->assertOk()
            ->assertJsonPath('lines.0.inspections.0.verdict', 'accept');
        $door = $this->inspect($line, ['temperature' => ['typed' => '40.2 F']])
            ->assertOk()
            ->assertJsonPath('lines.0.inspections.1.verdict', 'refuse');
        self::assertStringContainsString(
            'does not meet the FDA hazards guide',
            (string) $door->json('lines.0.fish.0.said'),
        );
        self::assertStringContainsString('Check your local code', (string) $door->json('lines.0.fish.0.said'));
        self::assertSame(Stage::Refused, Fish::query()->firstOrFail()->stage);
    }

    public function test_a_fish_without_a_sign_of_its_kind_waits_and_is_claimed_until_the_head_chef_knows_better(): void
    {
        $line = $this->line('Hake', ['invoiced' => '3 kg', 'price' => '9.80']);
        $fish = self::id();
        $this->weighIn($line, '3 kg', [], $fish);
        $best = ['smell' => 0, 'eyes' => 0, 'gills' => 0, 'skin' => 0, 'flesh' => 0];
        $form = $this->api('GET', "/receive/lines/{$line}/inspection")->assertOk();
        self::assertGreaterThanOrEqual(2, count((array) $form->json('signs')));
        self::assertContains('Whiting', (array) $form->json('look_alikes'));
        $this->inspect($line, ['grades' => $best, 'missing_signs' => [3]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/missing_signs/0');
        $preview = $this->api('POST', "/receive/lines/{$line}/inspection", [
            'line' => $line,
            'fish' => [$fish],
            'grades' => $best,
            'missing_signs' => [0],
        ])->assertOk();
        self::assertSame('hold', $preview->json('verdict'));
        $this->inspect($line, ['grades' => $best, 'missing_signs' => [0], 'temperature' => ['typed' => '1.2']])
            ->assertOk()
            ->assertJsonPath('lines.0.fish.0.verdict', 'hold')
            ->assertJsonPath('claim.items.0.kind', 'wrong species');
        self::assertStringContainsString('mouth black inside', (string) Fish::query()->findOrFail($fish)->held);
        $this->api('PUT', "/receive/fish/{$fish}/decision", [
            'take' => true,
            'version' => Fish::query()->findOrFail($fish)->version,
        ])->assertOk();
        self::assertNull(Fish::query()->findOrFail($fish)->not_it);
        $delivery = $this->api('GET', "/receive/deliveries/{$form->json('delivery')}")->assertOk();
        self::assertNotContains('wrong species', (array) $delivery->json('claim.items.*.kind'));
    }

    public function test_fish_not_gutted_as_sold_gets_its_step_back_and_the_claim_its_weight_and_minutes(): void
    {
        $line = $this->line('Hake', ['invoiced' => '3 kg', 'price' => '9.80', 'state' => 'gutted']);
        $fish = self::id();
        $this->weighIn($line, '3 kg', [], $fish);
        $best = ['smell' => 0, 'eyes' => 0, 'gills' => 0, 'skin' => 0, 'flesh' => 0];
        $this->inspect($line, ['grades' => $best, 'not_done' => ['scaled']])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/not_done');
        $door = $this->inspect($line, [
            'grades' => $best,
            'not_done' => ['gutted'],
            'temperature' => ['typed' => '1.2'],
        ])
            ->assertOk()
            ->assertJsonPath('claim.items.0.kind', 'not as sold');
        $before = (string) $door->json('claim.items.0.money');
        $this->close()->assertOk();
        self::assertSame('round', Fish::query()->findOrFail($fish)->state->value);
        self::assertSame(['gutted'], Fish::query()->findOrFail($fish)->not_done);
        $bench = $this->weigh($fish, 'guts', '310 g')->assertOk();
        self::assertContains('guts', array_column((array) $bench->json('parts'), 'part'));
        $delivery = Fish::query()->findOrFail($fish)->line?->delivery_id;
        $claim = $this->api('GET', "/receive/deliveries/{$delivery}")->assertOk();
        // 310 g at 9.80 a kilo on top of the minutes.
        self::assertEqualsWithDelta(
            3.04,
            (float) ltrim((string) $claim->json('claim.items.0.money'), '€') - (float) ltrim($before, '€'),
            0.011,
        );
        $this->actingAs($this->cutter);
        self::assertNull($this->api('GET', "/receive/deliveries/{$delivery}")->json('claim.items.0.money'));
    }

    public function test_of_what_was_sold_as_both_only_what_was_not_done_is_claimed(): void
    {
        $line = $this->line('Hake', ['invoiced' => '3 kg', 'price' => '9.80', 'state' => 'gutted and scaled']);
        $this->weighIn($line, '3 kg', [], self::id());
        $seen = [
            'grades' => ['smell' => 0, 'eyes' => 0, 'gills' => 0, 'skin' => 0, 'flesh' => 0],
            'temperature' => ['typed' => '1.2'],
        ];
        $claimed = fn (string ...$not): float => (float) ltrim(
            (string) $this->inspect($line, [...$seen, 'not_done' => array_values($not)])
                ->assertOk()
                ->json('claim.items.0.money'),
            '€',
        );
        [$both, $gutted, $scaled] = [$claimed('gutted', 'scaled'), $claimed('gutted'), $claimed('scaled')];
        self::assertGreaterThan(0, $gutted);
        self::assertGreaterThan(0, $scaled);
        // Nothing was weighed off yet: minutes only, and each item is rounded once.
        self::assertEqualsWithDelta($both, $gutted + $scaled, 0.011);
    }

    public function test_signs_of_a_kind_without_any_cannot_be_missing(): void
    {
        $line = $this->line('Wreckfish');
        $this->weighIn($line, '6 kg', [], self::id());
        $this->inspect($line, ['grades' => ['smell' => 0], 'missing_signs' => [0]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/missing_signs/0');
    }

    public function test_a_doubtful_fish_waits_for_the_head_chef(): void
    {
        $line = $this->line('Hake');
        $fish = self::id();
        $this->weighIn($line, '3 kg', [], $fish);
        $this->inspect($line, ['grades' => ['smell' => 0, 'eyes' => 0]])
            ->assertOk()
            ->assertJsonPath('lines.0.fish.0.verdict', 'hold');
        $this->close()->assertOk()->assertJsonPath('lines.0.fish.0.stage', 'receive');
        $room = $this->api('GET', '/receive/cold-room')
            ->assertOk()
            ->assertJsonPath('groups.0.count', 1)
            ->assertJsonPath('groups.0.fish.0.fish.id', $fish);
        self::assertSame(['Held: Fewer than three things were looked at.'], $room->json('groups.0.fish.0.reasons'));
        $decide = fn (bool $take) => $this->api('PUT', "/receive/fish/{$fish}/decision", [
            'take' => $take,
            'why' => 'looked at it myself',
            'version' => Fish::query()->findOrFail($fish)->version,
        ]);
        $this->actingAs($this->cutter);
        $decide(true)->assertForbidden();
        $this->actingAs($this->chef);
        $this->api('PUT', "/receive/fish/{$fish}/decision", ['take' => true, 'version' => 1])->assertConflict();
        $decide(true)->assertOk();
        $decide(false)->assertConflict();
        self::assertSame(Stage::BreakDown, Fish::query()->findOrFail($fish)->stage);
        $history = $this->api('GET', "/log/fish/{$fish}")->json('history.*.what');
        self::assertIsArray($history);
        self::assertContains('Head accepted it anyway: looked at it myself.', $history);
    }

    public function test_a_headless_fish_is_judged_by_what_it_still_shows(): void
    {
        $line = $this->line('Hake', ['state' => 'headless']);
        $this->weighIn($line, '2 kg');
        $shown = $this->api('GET', "/receive/lines/{$line}/inspection")->json('attributes.*.attribute');
        self::assertSame(['smell', 'skin', 'flesh', 'cavity'], $shown);
    }

    public function test_a_second_look_stands_over_the_first_and_cut_fish_is_past_it(): void
    {
        $line = $this->line();
        $fish = self::id();
        $this->api('PUT', '/receive/inspections/'.self::id(), [
            'line' => $line,
            'fish' => [],
            'grades' => self::BRIGHT,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/fish');
        $this->weighIn($line, '3 kg', [], $fish);
        $this->inspect($line, ['grades' => [...self::BRIGHT, 'flesh' => 3]])->assertOk();
        $this->inspect($line, ['fish' => [$fish]])
            ->assertOk()
            ->assertJsonPath('lines.0.fish.0.verdict', 'accept')
            ->assertJsonPath('lines.0.fish.0.stage', 'receive')
            ->assertJsonPath('claim', null);
        $this->close();
        $this->weigh($fish, 'head', '500 g')->assertOk();
        $this->inspect($line, ['fish' => [$fish]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/fish');
        $this->inspect($line, ['grades' => ['smell' => 4]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/grades/smell');
        $this->api('POST', "/receive/lines/{$line}/inspection", [
            'line' => $line,
            'fish' => [],
            'grades' => self::BRIGHT,
            'temperature' => ['typed' => '4,4'],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/temperature');
    }

    public function test_a_photo_is_drawn_anew_and_nothing_else_is_kept_of_it(): void
    {
        $line = $this->line();
        $photo = self::id();
        $picture = imagecreatetruecolor(2000, 1000);
        imagefilledrectangle($picture, 0, 0, 999, 999, (int) imagecolorallocate($picture, 200, 60, 40));
        ob_start();
        imagepng($picture);
        $png = (string) ob_get_clean();
        $this->api('PUT', "/receive/lines/{$line}/photos/{$photo}", [
            'image' => base64_encode($png.'<?php echo "no"; ?>'),
        ])
            ->assertOk()
            ->assertJsonPath('width', 1600)
            ->assertJsonPath('height', 800);
        $this->api('PUT', "/receive/lines/{$line}/photos/{$photo}", [
            'image' => base64_encode($png.'<?php echo "no"; ?>'),
        ])->assertOk();
        // Another picture under the same name is another picture, in whatever letters the name is written.
        $this->api('PUT', "/receive/lines/{$line}/photos/{$photo}", [
            'image' => base64_encode($png),
        ])->assertConflict();
        $this->api('PUT', "/receive/lines/{$line}/photos/".strtolower($photo), [
            'image' => base64_encode($png),
        ])->assertConflict();
        $kept = Photo::query()->sole();
        $bytes = (string) file_get_contents($kept->path());
        self::assertSame(IMAGETYPE_JPEG, getimagesizefromstring($bytes)[2] ?? null);
        self::assertStringNotContainsString('<?php', $bytes);
        $shown = $this->get("/api/receive/photos/{$photo}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        self::assertSame($kept->bytes, (int) $shown->headers->get('Content-Length'));
        unlink($kept->path());
    }

    /** @return array<string, array{string, string}> */
    public static function noPhotos(): array
    {
        return [
            'a script' => ['<?php system("ls");', 'no photo'],
            'a script that begins like a picture' => ["GIF89a<?php system('ls');", 'no photo'],
            'a drawing with a script' => [
                '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
                'no photo',
            ],
            'half a picture' => [
                "\x89PNG\r\n\x1a\n\x00\x00\x00\rIHDR\x00\x00\x00\x10\x00\x00\x00\x10\x08\x02\x00\x00\x00\x90\x91h6",
                'damaged',
            ],
            'a bomb' => [
                "\x89PNG\r\n\x1a\n\x00\x00\x00\rIHDR\x00\x00\xff\xff\x00\x00\xff\xff\x08\x02\x00\x00\x00\x90\x91h6",
                'too many points',
            ],
        ];
    }

    #[DataProvider('noPhotos')]
    public function test_what_is_no_photo_is_refused(string $bytes, string $saying): void
    {
        $response = $this->api('PUT', "/receive/lines/{$this->line()}/photos/".self::id(), [
            'image' => base64_encode($bytes),
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/image');
        self::assertStringContainsString($saying, (string) $response->json('detail'));
        self::assertSame(0, Photo::query()->count());
    }

    public function test_the_cold_room_stands_in_the_order_to_be_cut(): void
    {
        Carbon::setTestNow('2026-11-24 07:00:00');
        $old = $this->line('Hake', ['landed_on' => '2026-11-13']);
        $fresh = $this->line('Hake', ['landed_on' => '2026-11-23', 'proof' => 'frozen']);
        $stiff = $this->line('Zander');
        foreach ([$fresh, $stiff, $old] as $line) {
            $this->weighIn($line, '3 kg');
        }
        $this->inspect($fresh);
        $this->inspect($stiff, ['rigor' => 'stiff']);
        $this->inspect($old, ['grades' => [...self::BRIGHT, 'eyes' => 1]]);
        $this->api('GET', '/receive/cold-room')
            ->assertJsonPath('groups.1.count', 0)
            ->assertJsonPath('at_the_door.0.fish', 3);
        $this->close()->assertOk();
        $room = $this->api('GET', '/receive/cold-room')
            ->assertOk()
            ->assertJsonPath('at_the_door', [])
            ->assertJsonPath('days.0', 'today')
            ->assertJsonPath('days.1', 'Wed');
        self::assertSame(
            [[3, 1], [2]],
            [$room->json('groups.1.fish.*.fish.number'), $room->json('groups.2.fish.*.fish.number')],
        );
        self::assertStringContainsString('raw service until', (string) $room->json('groups.1.fish.1.reasons.0'));
        self::assertSame(2.29, $room->json('groups.2.fish.0.rests_day'));
        $first = (string) $room->json('groups.1.fish.0.fish.id');
        $this->weigh($first, 'head', '500 g')->assertOk();
        $this->api('GET', '/receive/cold-room')
            ->assertJsonPath('groups.1.count', 1)
            ->assertJsonPath('on_the_board', 1);
        Carbon::setTestNow('2026-11-26 08:00:00');
        $this->api('GET', '/receive/cold-room')
            ->assertJsonPath('groups.1.count', 2)
            ->assertJsonPath('groups.2.count', 0);
        Carbon::setTestNow();
    }
}
