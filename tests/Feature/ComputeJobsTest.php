<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Compute\Computed;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** What takes long is worked out beside the page, and nobody's computation keeps the others waiting. */
final class ComputeJobsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    /** @return array<string, mixed> */
    private static function allocate(int $fillets): array
    {
        return [
            'fillets' => array_map(
                fn (int $i): array => ['id' => "f{$i}", 'mass_g' => 1300 + 7 * $i, 'available_g' => 1180 + 7 * $i],
                range(1, $fillets),
            ),
            'kinds' => [
                ['id' => 'plate', 'target_g' => 170, 'need' => 5 * $fillets, 'value' => 6.2, 'surplus_value' => 2],
                ['id' => 'tasting', 'target_g' => 70, 'need' => 4 * $fillets, 'value' => 2.4, 'surplus_value' => 0.6],
            ],
            'trim_value_per_kg' => 9,
        ];
    }

    public function test_what_is_too_long_to_wait_for_is_sent_as_a_job_and_answered_there(): void
    {
        $this->api('POST', '/compute/allocate', self::allocate(60))->assertOk();
        $this->api('POST', '/compute/allocate', self::allocate(130))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/fillets');
        $id = self::id();
        $this->api('PUT', "/compute/allocate/jobs/{$id}", self::allocate(130))
            ->assertStatus(202)
            ->assertJsonPath('id', $id);
        $done = $this->api('GET', "/compute/allocate/jobs/{$id}")
            ->assertOk()
            ->assertJsonPath('state', 'done')
            ->assertJsonPath('progress_pct', 100);
        self::assertCount(130, (array) $done->json('answer.fillets'));
        $this->api('PUT', "/compute/allocate/jobs/{$id}", self::allocate(130))
            ->assertStatus(202)
            ->assertJsonPath('state', 'done');
        $this->api('PUT', "/compute/allocate/jobs/{$id}", self::allocate(131))->assertConflict();
        $this->actingAs($this->cutter);
        $this->api('GET', "/compute/allocate/jobs/{$id}")->assertNotFound();
    }

    public function test_a_job_that_is_refused_says_why_and_one_that_does_not_fit_is_never_taken(): void
    {
        $id = self::id();
        $wrong = self::allocate(3);
        $wrong['kinds'] = [['id' => 'plate', 'target_g' => 5000, 'need' => 1]];
        $this->api('PUT', "/compute/allocate/jobs/{$id}", $wrong)->assertStatus(202);
        $this->api('GET', "/compute/allocate/jobs/{$id}")
            ->assertJsonPath('state', 'refused')
            ->assertJsonPath('answer.errors.0.pointer', '/kinds/0/target_g');
        $this->api('PUT', '/compute/allocate/jobs/'.self::id(), ['fillets' => 'many'])->assertStatus(422);
        $this->api('PUT', '/compute/nothing/jobs/'.self::id(), [])->assertNotFound();
        self::assertSame(1, Computed::query()->count());
    }

    public function test_two_jobs_of_one_person_wait_and_a_third_is_told_to(): void
    {
        Queue::fake();
        foreach ([202, 202, 429] as $status) {
            $answer = $this->api('PUT', '/compute/allocate/jobs/'.self::id(), self::allocate(4))->assertStatus(
                $status,
            );
        }
        self::assertSame('5', $answer->headers->get('Retry-After'));
        $this->actingAs($this->cutter);
        $this->api('PUT', '/compute/allocate/jobs/'.self::id(), self::allocate(4))->assertStatus(202);
    }

    public function test_one_computation_at_a_time_for_each_person(): void
    {
        $lock = fopen(sys_get_temp_dir().'/sectum-compute-'.md5(base_path().$this->chef->id), 'cb');
        self::assertIsResource($lock);
        self::assertTrue(flock($lock, LOCK_EX));
        self::assertSame(
            '2',
            $this->api('POST', '/compute/allocate', self::allocate(3))
                ->assertStatus(429)
                ->headers->get('Retry-After'),
        );
        $this->actingAs($this->cutter);
        $this->api('POST', '/compute/allocate', self::allocate(3))->assertOk();
        flock($lock, LOCK_UN);
        $this->actingAs($this->chef);
        $this->api('POST', '/compute/allocate', self::allocate(3))->assertOk();
    }
}
