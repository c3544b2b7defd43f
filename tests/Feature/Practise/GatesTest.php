<?php

declare(strict_types=1);

namespace Tests\Feature\Practise;

use App\Fish\Fish;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use App\Portion\CutPlan\CutMade;
use App\Practise\Person\GateSign;
use App\Practise\Person\Learner;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Sectum\Practise\Level;
use Sectum\Practise\Skill;
use Symfony\Component\HttpFoundation\Response;
use Tests\AsksAtMost;

final class GatesTest extends PractiseKitchen
{
    use AsksAtMost;

    private Person $trainee;

    protected function setUp(): void
    {
        parent::setUp();
        $this->trainee = Person::query()->create([
            'name' => 'Learner',
            'role' => Role::Trainee,
            'units' => 'metric',
            'pin_hash' => self::hash('2580'),
        ]);
    }

    private function asks(string $gate): void
    {
        Settings::store(["gate_{$gate}" => '1'], $this->chef);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return TestResponse<Response>
     */
    private function sign(string $gate, array $more = ['why' => 'I have seen it'], ?Person $of = null): TestResponse
    {
        $of ??= $this->cutter;
        $this->actingAs($this->chef);
        $signed = $this->api('PUT', "/practise/people/{$of->id}/gates/{$gate}/signed/".self::id(), $more);
        $this->actingAs($this->cutter);

        return $signed;
    }

    /** @return TestResponse<Response> */
    private function takeBack(string $gate): TestResponse
    {
        $this->actingAs($this->chef);
        $taken = $this->api('PUT', "/practise/people/{$this->cutter->id}/gates/{$gate}/taken-back", [
            'why' => 'A bone came back from table 4',
        ]);
        $this->actingAs($this->cutter);

        return $taken;
    }

    /** A fish with one side off it, received by the head chef. */
    private function oneSide(string $species = 'Hake'): string
    {
        $this->actingAs($this->chef);
        $fish = $this->received('3100 g', ['species' => $this->species($species)]);
        $this->weigh($fish, 'side-a', '980 g')->assertOk();
        $this->actingAs($this->cutter);

        return $fish;
    }

    /**
     * @param  array<string, mixed>  $more
     * @return TestResponse<Response>
     */
    private function secondPass(string $fish, array $more = []): TestResponse
    {
        $side = $this->api('GET', "/breakdown/fish/{$fish}")->json('bones.0');

        return $this->api('PUT', "/breakdown/fish/{$fish}/bones/".self::id(), [
            'piece' => data_get($side, 'piece'),
            'found' => data_get($side, 'expected'),
            'second_pass' => true,
            ...$more,
        ]);
    }

    public function test_a_bone_check_counts_alone_only_for_who_is_signed_for_it(): void
    {
        $fish = $this->oneSide();
        $this->asks('bones');
        $this->secondPass($fish)->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/with');
        self::assertSame(0, DB::table('bone_checks')->count(), 'nothing is half written');
        $this->secondPass($fish, ['with' => $this->chef->id])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/pin');
        $this->secondPass($fish, ['with' => $this->chef->id, 'pin' => '0000'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/pin');
        $this->secondPass($fish, ['with' => $this->cutter->id, 'pin' => '4321'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/with');
        $this->secondPass($fish, ['with' => $this->trainee->id, 'pin' => '2580'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/with');
        $this->secondPass($fish, ['with' => $this->chef->id, 'pin' => '1234'])->assertOk();
        self::assertSame($this->chef->id, DB::table('bone_checks')->value('checked_with'));
        $this->sign('bones')->assertOk();
        $this->secondPass($this->oneSide())->assertOk();
    }

    public function test_a_signature_withdrawn_in_the_middle_of_a_fish_counts_from_the_next_write(): void
    {
        $this->asks('bones');
        $this->sign('bones')->assertOk();
        $fish = $this->oneSide();
        $this->secondPass($fish)->assertOk();
        $this->actingAs($this->chef);
        $this->weigh($fish, 'side-b', '960 g')->assertOk();
        $this->takeBack('bones')->assertOk();
        $side = $this->api('GET', "/breakdown/fish/{$fish}")->json('bones.1');
        $this->api('PUT', "/breakdown/fish/{$fish}/bones/".self::id(), [
            'piece' => data_get($side, 'piece'),
            'found' => data_get($side, 'expected'),
            'second_pass' => true,
        ])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/with');
        self::assertTrue($this->api('GET', "/breakdown/fish/{$fish}")->json('bones.0.done'), 'what was checked stands');
        self::assertSame('A bone came back from table 4', GateSign::query()->value('why'));
    }

    public function test_without_its_figures_a_gate_is_signed_with_a_reason_only_and_by_the_head_chef(): void
    {
        $path = "/practise/people/{$this->cutter->id}/gates/eye/signed/";
        $this->api('PUT', $path.self::id(), ['why' => 'I am good'])->assertForbidden();
        $this->actingAs($this->chef);
        $this->api('PUT', $path.self::id(), ['why' => ''])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/why');
        $id = self::id();
        $this->api('PUT', $path.$id, ['why' => 'Cuts to 3 g for years'])->assertOk();
        $this->api('PUT', $path.$id, ['why' => 'Cuts to 3 g for years'])->assertOk();
        $this->api('PUT', $path.self::id(), ['why' => 'Once more'])->assertOk();
        self::assertSame(1, GateSign::query()->count(), 'two head chefs sign at once, and one signature stands');
        $seen = $this->api('GET', "/practise/people/{$this->cutter->id}")->assertOk();
        self::assertSame('Head', $seen->json('gates.1.signed.by'));
        self::assertSame('passed', $seen->json('skills.2.progress'), 'signed for the eye');
        self::assertFalse($seen->json('gates.1.passes'));
        $this->api('PUT', "/practise/people/{$this->cutter->id}/gates/piano/signed/".self::id(), ['why' => 'Plays'])
            ->assertNotFound();
        $this->api('GET', '/practise/people/'.self::id())->assertNotFound();
        $this->api('PUT', "/practise/people/{$this->cutter->id}/gates/eye/taken-back", ['why' => ''])
            ->assertUnprocessable();
    }

    public function test_every_nth_piece_only_is_weighed_by_who_is_signed_for_it(): void
    {
        $this->asks('eye');
        $gate = app(\App\Fish\SkillGate::class);
        self::assertTrue($gate->weighsEveryPiece($this->cutter));
        self::assertFalse($gate->weighsEveryPiece($this->chef));
        $this->sign('eye')->assertOk();
        \App\Kitchen\Database\Remembered::forget();
        self::assertFalse($gate->weighsEveryPiece($this->cutter));
        $this->takeBack('eye')->assertOk();
        \App\Kitchen\Database\Remembered::forget();
        self::assertTrue($gate->weighsEveryPiece($this->cutter));
    }

    public function test_guesses_on_the_screen_and_at_the_bench_stand_in_one_ledger(): void
    {
        for ($i = 0; $i < 2; $i++) {
            $drill = $this->drill($this->draw(Skill::Weight, ['subject' => 'portion']));
            $this->answer($drill, $this->rightAnswer($drill))->assertOk();
        }
        $screen = array_sum($this->api('GET', '/practise')->json('me.eyes.*.guesses'));
        self::assertSame(16, $screen);
        $this->actingAs($this->chef);
        $side = $this->boardedSide();
        $this->actingAs($this->cutter);
        [$fish, $piece] = explode('/fillets/', substr($side, strlen('/portion/fish/')));
        $reading = self::id();
        $this->weigh($fish, 'portion', '170 g', 'portion', $reading, $piece)->assertOk();
        CutMade::rows()->insert([
            'reading_id' => $reading,
            'fillet_id' => $piece,
            'thin_mm' => 20,
            'thick_mm' => 30,
            'from_cm' => 2,
            'to_cm' => 8,
            'aim_mg' => 170_000,
            'guess_mg' => 160_000,
            'cut_by' => $this->cutter->id,
        ]);
        self::assertSame(17, array_sum($this->api('GET', '/practise')->json('me.eyes.*.guesses')));
        $says = $this->api('GET', '/practise')->json('me.gates.1.says');
        self::assertIsString($says);
    }

    public function test_levels_open_by_themselves_and_the_head_chef_sets_another(): void
    {
        foreach ([Skill::Order, Skill::Bins, Skill::Weight] as $skill) {
            self::assertSame(1, $this->api('GET', '/practise')->json('me.level'));
            for ($i = 0; $i < 5; $i++) {
                $drill = $this->drill($this->draw($skill));
                $this->answer($drill, $this->rightAnswer($drill))->assertOk();
            }
        }
        $home = $this->api('GET', '/practise');
        self::assertSame(2, $home->json('me.level'));
        self::assertContains('bones', $home->json('me.open'));
        self::assertSame('passed', $home->json('me.skills.0.progress'), 'steady, and the next level is open');
        self::assertSame('new', $home->json('me.skills.1.progress'));
        $path = "/practise/people/{$this->cutter->id}";
        $version = $home->json('me.version');
        $this->api('PUT', $path, ['level' => 4, 'bench' => false, 'version' => $version])->assertForbidden();
        $this->actingAs($this->chef);
        $this->api('PUT', $path, ['level' => 4, 'bench' => false, 'version' => $version])->assertOk();
        $this->api('PUT', $path, ['level' => 3, 'bench' => false, 'version' => $version])
            ->assertConflict()
            ->assertJsonPath('current', $version + 1);
        $this->api('PUT', $path, ['level' => 5, 'bench' => false, 'version' => $version + 1])->assertUnprocessable();
        self::assertSame(4, $this->api('GET', $path)->json('level'));
    }

    public function test_a_drill_above_ones_level_is_not_drawn(): void
    {
        $this->draw(Skill::Bones, ['subject' => 'many'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/subject');
        $this->level(Level::Fourth);
        $this->draw(Skill::Bones, ['subject' => 'many'])->assertOk();
        $this->draw(Skill::Order, ['subject' => 'no-such-method'])->assertUnprocessable();
    }

    public function test_a_trainee_practises_and_nothing_else_until_the_bench_is_opened(): void
    {
        $fish = $this->oneSide();
        $this->actingAs($this->trainee);
        $this->api('GET', '/practise')->assertOk();
        $this->api('GET', '/spine')->assertOk();
        foreach (['/cost', '/log', '/plan/services', '/receive', '/route', "/breakdown/fish/{$fish}"] as $path) {
            $this->json('GET', "/api{$path}")->assertForbidden();
        }
        $this->weigh($fish, 'frame', '400 g')->assertForbidden();
        Learner::of($this->trainee)->fill(['bench' => true])->save();
        $this->api('GET', "/breakdown/fish/{$fish}")->assertOk();
        $this->weigh($fish, 'frame', '400 g')->assertForbidden();
        self::assertSame(2, DB::table('readings')->count());
        $this->json('GET', '/api/cost')->assertForbidden();
        $this->json('PUT', '/api/portion/dishes/'.self::id(), [])->assertForbidden();
    }

    public function test_beside_somebody_who_said_so_a_trainee_works_on_that_fish_and_it_is_counted(): void
    {
        [$fish, $other] = [$this->oneSide(), $this->oneSide()];
        Learner::of($this->trainee)->fill(['bench' => true])->save();
        $this->actingAs($this->trainee);
        $say = fn (string $act, string $pin, ?string $who = null) => $this->api('PUT', "/practise/beside/{$act}", [
            'fish' => $fish,
            'beside' => $who ?? $this->cutter->id,
            'pin' => $pin,
        ]);
        $say(self::id(), '9999')->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/pin');
        $say(self::id(), '2580', $this->trainee->id)->assertUnprocessable();
        $act = self::id();
        $say($act, '4321')->assertOk();
        $say($act, '4321')->assertOk();
        self::assertSame(1, DB::table('works_beside')->count(), 'sent twice it is one');
        $this->weigh($fish, 'frame', '400 g')->assertOk();
        $this->weigh($other, 'frame', '400 g')->assertForbidden();
        self::assertSame(1, $this->api('GET', '/practise')->json('me.beside'));
    }

    public function test_a_trainees_level_presets_how_a_method_is_answered(): void
    {
        $fish = $this->oneSide('Gilthead bream');
        Learner::of($this->trainee)->fill(['bench' => true])->save();
        $this->actingAs($this->trainee);
        $this->api('PUT', '/practise/beside/'.self::id(), [
            'fish' => $fish,
            'beside' => $this->chef->id,
            'pin' => '1234',
        ])->assertOk();
        $choose = fn (Fish $one) => $this->api('PUT', "/breakdown/fish/{$fish}/method", [
            'method' => 'round-two',
            'choices' => (object) [],
            'version' => $one->version,
        ]);
        $choose(Fish::query()->findOrFail($fish))->assertOk();
        $one = Fish::query()->findOrFail($fish);
        self::assertSame('first', $one->choices['head'] ?? null);
        self::assertSame('sheet', $one->choices['ribs'] ?? null);
    }

    public function test_many_boned_fish_is_cut_beside_somebody_signed_for_it(): void
    {
        $this->actingAs($this->chef);
        $fish = $this->received('1600 g', ['species' => $this->species('American shad')]);
        $this->actingAs($this->cutter);
        $this->weigh($fish, 'head', '240 g')->assertOk();
        $this->asks('many_boned');
        $this->weigh($fish, 'frame', '240 g')->assertForbidden();
        $this->api('PUT', '/practise/beside/'.self::id(), [
            'fish' => $fish,
            'beside' => $this->chef->id,
            'pin' => '1234',
        ])->assertOk();
        $this->weigh($fish, 'frame', '240 g')->assertForbidden();
        $this->sign('many-boned', of: $this->chef)->assertOk();
        $this->weigh($fish, 'frame', '240 g')->assertOk();
        $seen = $this->api('GET', '/practise')->json('me.gates.2');
        self::assertFalse(data_get($seen, 'passes'), 'one of three');
        // A reading keeps to its budget where the house asks for everything.
        $this->asks('bones');
        $this->asks('eye');
        $this->assertAsksAtMost(25, fn () => $this->weigh($fish, 'fins', '20 g')->assertOk());
    }

    public function test_the_certificate_is_one_page_for_its_owner_and_the_head_chef(): void
    {
        $this->sign('bones')->assertOk();
        $paper = $this->get("/api/practise/people/{$this->cutter->id}/certificate.pdf")->assertOk();
        $pdf = (string) $paper->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
        self::assertSame(1, preg_match_all('#/Type\s*/Page[^s]#', $pdf));
        // On what it was signed stays as it was said then.
        $evidence = array_filter(Arr::flatten(GateSign::query()->pluck('evidence')->all()), is_string(...));
        $this->paper("/practise/people/{$this->cutter->id}/certificate.pdf", ...array_values($evidence));
        $this->get("/api/practise/people/{$this->chef->id}/certificate.pdf")->assertForbidden();
    }

    public function test_the_head_chef_sees_everybody_and_nobody_else_does(): void
    {
        self::assertNull($this->api('GET', '/practise')->json('people'));
        $this->api('GET', "/practise/people/{$this->chef->id}")->assertForbidden();
        $this->actingAs($this->chef);
        self::assertSame(
            ['Head', 'Cutter', 'Learner'],
            $this->api('GET', '/practise')->json('people.*.name'),
        );
    }
}
