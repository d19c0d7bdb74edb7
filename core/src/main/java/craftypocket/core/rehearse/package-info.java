/** Practice: how even beats are, what is due, what is remembered, how well packets are judged. Times and answers come in, judgement goes out. */
package craftypocket.core.rehearse;
