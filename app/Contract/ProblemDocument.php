<?php

declare(strict_types=1);

namespace App\Contract;

use App\Kitchen\Database\Trouble;
use App\Kitchen\Format\Words;
use Brick\Math\Exception\MathException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Sectum\Refusal;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Everything that goes wrong, as an RFC 9457 problem document. */
final readonly class ProblemDocument
{
    public const DISK_FULL = 'The disk of the kitchen computer is full. Nothing was stored; what is there can be '.
        'read. Make room on it, then try again.';

    /**
     * @param  array<string, string>  $pointers
     * @param  array<string, mixed>  $more
     */
    private function __construct(
        private int $status,
        private string $detail,
        private array $pointers = [],
        private array $more = [],
    ) {
    }

    public static function of(Throwable $e): self
    {
        $cause = $e->getPrevious();
        $trouble = Trouble::of($e);

        return match (true) {
            $trouble === Trouble::Busy => new self(
                503,
                'The kitchen computer is busy. It is tried again by itself.',
                [],
                ['retry_after_s' => 1],
            ),
            $trouble === Trouble::Full => new self(507, self::DISK_FULL),
            $trouble === Trouble::ReadOnly => new self(
                503,
                'The kitchen computer cannot write to its disk. Nothing was stored; what is there can be read. '.
                    'Ask whoever looks after it.',
            ),
            $e instanceof UniqueConstraintViolationException => new self(
                409,
                'This was kept already, with other content. Nothing was changed.',
            ),
            $e instanceof Fault => new self($e->status, $e->getMessage(), $e->pointers, $e->more),
            $e instanceof MathException => new self(
                422,
                'These figures are too large or too small to calculate with.',
            ),
            $e instanceof Refusal => new self(422, Words::refused($e), [$e->pointer() => Words::refused($e)]),
            $e instanceof AuthenticationException => new self(401, 'Sign in with your name and PIN first.'),
            $e instanceof TokenMismatchException, $cause instanceof TokenMismatchException => new self(
                419,
                'This page has been open too long. Load it again; nothing was changed.',
            ),
            $e instanceof ModelNotFoundException, $cause instanceof ModelNotFoundException => new self(
                404,
                'That is not in this kitchen.',
            ),
            $e instanceof HttpExceptionInterface && $e->getStatusCode() === 404 => new self(
                404,
                'There is nothing under this address.',
            ),
            $e instanceof HttpExceptionInterface && $e->getStatusCode() === 405 => new self(
                405,
                'This address answers other kinds of request.',
            ),
            $e instanceof HttpExceptionInterface && $e->getStatusCode() < 500 => new self(
                $e->getStatusCode(),
                'That request cannot be answered.',
            ),
            default => new self(500, 'Something broke on our side. What you had weighed is kept; try once more.'),
        };
    }

    /** @return Answer */
    public function members(): array
    {
        $members = [
            'type' => 'about:blank',
            'title' => $this->title(),
            'status' => $this->status,
            'detail' => $this->detail,
        ];
        if ($this->pointers !== []) {
            $members['errors'] = array_map(
                fn (string $pointer, string $detail): array => ['pointer' => $pointer, 'detail' => $detail],
                array_map(strval(...), array_keys($this->pointers)),
                $this->pointers,
            );
        }

        return $members + $this->more;
    }

    public function response(): JsonResponse
    {
        $wait = $this->more['retry_after_s'] ?? null;

        $response = new JsonResponse(null, $this->status, [
            'Content-Type' => 'application/problem+json',
            ...is_int($wait) ? ['Retry-After' => (string) $wait] : [],
        ]);
        // A sentence may quote what somebody sent, and that may have been cut within a character.
        $response->setEncodingOptions($response->getEncodingOptions() | JSON_INVALID_UTF8_SUBSTITUTE);

        return $response->setData($this->members());
    }

    private function title(): string
    {
        return match ($this->status) {
            400 => 'Unreadable',
            401 => 'Not signed in',
            403 => 'Head chef only',
            404 => 'Not found',
            405 => 'Not answered here',
            409 => 'Changed meanwhile',
            413 => 'Too large',
            419 => 'Page expired',
            422 => 'Refused',
            429 => 'Too many tries',
            503 => 'Away',
            507 => 'Disk full',
            default => 'Broken',
        };
    }
}
