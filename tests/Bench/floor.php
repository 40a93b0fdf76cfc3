<?php

declare(strict_types=1);

/*
 * The floor under everything: PHP answering one indexed read, with nothing else.
 */
$database = new PDO('mysql:unix_socket='.getenv('TL_RUN').'/mariadb.sock;dbname='.getenv('TL_DB_NAME').';charset=utf8mb4', 'tinlantern', (string) getenv('TL_DB_PASSWORD'));
$statement = $database->prepare('SELECT id, title FROM record WHERE id = ?');
$statement->execute([(int) ($_GET['id'] ?? 1)]);
header('Content-Type: application/json');
echo json_encode($statement->fetch(PDO::FETCH_ASSOC));
