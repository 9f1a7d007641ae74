<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pictures of an event, for its report; what a camera writes into them about place and person is not kept. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('log_pictures', static function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('event_id')->constrained();
            $table->string('caption', 200);
            $table->string('sha256', 64)->index();
            $table->foreign('sha256')->references('sha256')->on('stored_files');
            $table->foreignId('made_by')->constrained('users');
            $table->timestampsTz();
            $table->softDeletesTz();
            $table->index('event_id');
        });
    }

    public function down(): void
    {
        Schema::drop('log_pictures');
    }
};
