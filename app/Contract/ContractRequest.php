<?php

declare(strict_types=1);

namespace App\Contract;

use Illuminate\Foundation\Http\FormRequest;

/** A request whose body is judged by the contract, so that the page, the tests and the server mean the same thing. */
abstract class ContractRequest extends FormRequest
{
    private ?Fields $read = null;

    /** The schema's file below contract/requests/, without its ending. */
    abstract protected function schema(): string;

    public function validateResolved(): void
    {
        $this->fields();
    }

    public function fields(): Fields
    {
        return $this->read ??= Document::read($this->getContent(), new Schema('requests/'.$this->schema()));
    }
}
